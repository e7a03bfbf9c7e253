import type { StartPictureProps } from "../../chart/start-picture.tsx";
import type { MapQuestion } from "../../workers/use-boundary.ts";
import type { CheckView } from "./check.view.ts";

/** What the pictures of an answer are drawn from. */
export interface PicturesProps {
  readonly rigName: string;
  readonly view: CheckView;
  readonly picture: Omit<StartPictureProps, "width" | "height" | "show" | "label">;
  /** Start laid over the chosen one, for current against time. */
  readonly over: { readonly lasts: CheckView["lasts"]; readonly label: string } | null;
  readonly chosenLabel: string;
  readonly breakerA: number | null;
  readonly sentence: string;
  readonly given: MapQuestion["given"];
  readonly mapAxis: "altitude" | "loads";
}
