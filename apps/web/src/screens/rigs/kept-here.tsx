import { useBackup } from "../../store/backup.ts";
import { useNow } from "../../store/use-now.ts";
import { useRoom } from "../../store/use-room.ts";
import { ALMOST_FULL, KEEPING } from "../../words/keeping.ts";

/** When the last copy went elsewhere, how full the device is, and whether the browser keeps what is here. */
export function KeptHere() {
  const { backup } = useBackup();
  const room = useRoom();
  const now = useNow(60);
  return (
    <section aria-label={KEEPING.title} className="mt-3 border-t border-hair pt-2 text-small text-ink2">
      <p>
        {KEEPING.lastExport(backup.at === null ? null : now - backup.at, backup.changes)}{" "}
        {room !== null && `${KEEPING.room(room.usedBytes, room.mostBytes)} ${room.lasting ? KEEPING.lasting : KEEPING.notLasting}`}
      </p>
      {room !== null && room.usedBytes > ALMOST_FULL * room.mostBytes && (
        <p role="alert" className="font-semibold text-lead">
          {KEEPING.almostFull}
        </p>
      )}
    </section>
  );
}
