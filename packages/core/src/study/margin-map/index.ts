export { type MapAxis, type MapCell, mapAxis, marginRow, movedTo } from "./run.ts";
