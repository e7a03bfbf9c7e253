import { Slider } from "radix-ui";

interface RuleSliderProps {
  readonly label: string;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  readonly value: number;
  readonly onChange: (value: number) => void;
  readonly onCommit: (value: number) => void;
  /** Text of the value for readers, and of the figure above the rule. */
  readonly text: string;
  /** Value from which the answer is no; hatched beyond, with its figure below. */
  readonly wall?: { readonly at: number; readonly text: string } | null;
  readonly figureExtra?: React.ReactNode;
  readonly inputId?: string;
}

const TICKS = 12;

/** A slider that is a rule: ticks, a cursor, and the stretch where the verdict turns hatched. */
export function RuleSlider({ label, min, max, step, value, onChange, onCommit, text, wall, figureExtra, inputId }: RuleSliderProps) {
  const share = (x: number): number => Math.max(0, Math.min(1, (x - min) / (max - min)));
  const wallAt = wall === undefined || wall === null ? null : share(wall.at);
  return (
    <div>
      <div className="flex items-baseline justify-between gap-2">
        <span className="text-body text-ink2">{label}</span>
        <span className="flex items-baseline gap-2">
          <span className="figure text-large">{text}</span>
          {figureExtra}
        </span>
      </div>
      <Slider.Root
        className="relative mx-[11px] mt-0.5 flex h-[30px] touch-none items-center pointer-coarse:h-[48px]"
        min={min}
        max={max}
        step={step}
        value={[value]}
        onValueChange={([next]) => next !== undefined && onChange(next)}
        onValueCommit={([next]) => next !== undefined && onCommit(next)}
      >
        <Slider.Track className="relative h-[18px] grow border-[1.5px] border-ink bg-face">
          <svg className="absolute inset-0 h-full w-full overflow-visible" preserveAspectRatio="none" aria-hidden="true">
            {wallAt !== null && wallAt < 1 && (
              <>
                <rect x={`${wallAt * 100}%`} y="0" width={`${(1 - wallAt) * 100}%`} height="100%" fill="url(#hatch-lead)" />
                <line x1={`${wallAt * 100}%`} x2={`${wallAt * 100}%`} y1="-4" y2="22" stroke="var(--lead)" strokeWidth="3" />
              </>
            )}
            {Array.from({ length: TICKS - 1 }, (_, i) => {
              const x = `${((i + 1) / TICKS) * 100}%`;
              return <line key={x} x1={x} x2={x} y1={i % 2 === 1 ? 8 : 12} y2="16" stroke="currentColor" strokeWidth="1.2" />;
            })}
          </svg>
        </Slider.Track>
        <Slider.Thumb
          className="relative block h-[31px] w-[22px] border-[2.4px] border-ink bg-face after:absolute after:inset-y-0 after:left-1/2 after:w-px after:bg-ink pointer-coarse:h-[40px] pointer-coarse:w-[28px]"
          aria-label={label}
          aria-valuetext={text}
          {...(inputId !== undefined && { id: inputId })}
        />
      </Slider.Root>
      {wallAt !== null && wallAt > 0 && wallAt < 1 && (
        <div className="relative mx-[11px] h-[1.15em] text-small leading-[1.15] font-bold text-lead">
          <span className="absolute -translate-x-1/2 whitespace-nowrap" style={{ left: `${Math.max(8, Math.min(90, wallAt * 100))}%` }}>
            {wall?.text}
          </span>
        </div>
      )}
    </div>
  );
}
