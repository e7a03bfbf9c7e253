import { NumberField } from "../ui/number-field.tsx";
import { LEARN } from "../words/learn.ts";
import { RULE_LIMITS, type Rule, ruleWith } from "./learn/learn.view.ts";

interface RuleFieldsProps {
  readonly rule: Rule;
  /** Takes how the rule that is kept by then becomes the new one: the next figure may be typed before the last is kept. */
  readonly onChange: (become: (kept: Rule) => Rule) => void;
}

/** A learning rule in four figures. */
export function RuleFields({ rule, onChange }: RuleFieldsProps) {
  const field = (name: keyof Rule) => {
    const { min, max } = RULE_LIMITS[name];
    const label = LEARN.fields[name];
    return (
      <NumberField
        key={name}
        label={label}
        kept={rule[name]}
        min={min}
        max={max}
        whole={name === "runs" || name === "mostRuns"}
        wrong={LEARN.badRule(label, min, max)}
        onNumber={(value) => value !== null && onChange((kept) => ruleWith(kept, name, value))}
      />
    );
  };
  return <>{(["runs", "mostRuns", "runS", "restS"] as const).map(field)}</>;
}
