interface RoofButtonProps {
  readonly main?: boolean;
  readonly disabled?: boolean;
  /** Whether it is about power: asked first while somebody's hands are in a unit. */
  readonly power?: boolean;
  readonly onClick: () => void;
  readonly children: React.ReactNode;
}

/** A button for a gloved hand: 80 high where it is the one to press, 62 else. */
export function RoofButton({ main = false, disabled = false, power = false, onClick, children }: RoofButtonProps) {
  return (
    <button
      type="button"
      disabled={disabled}
      data-power={power ? "" : undefined}
      onClick={onClick}
      className={`flex w-full items-center justify-center border-[2.4px] border-ink px-4 font-semibold disabled:opacity-60 ${main ? "min-h-[80px] bg-ink text-large text-face" : "min-h-[62px] bg-face text-large"}`}
    >
      {children}
    </button>
  );
}
