import { TextField } from "../ui/text-field.tsx";
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
      <TextField
        key={name}
        label={label}
        kept={String(rule[name])}
        onText={(text) => {
          const value = Number(text.trim().replace(",", "."));
          const whole = name === "runs" || name === "mostRuns";
          if (text.trim() === "" || !(value >= min && value <= max) || (whole && !Number.isInteger(value)))
            return LEARN.badRule(label, min, max);
          onChange((kept) => ruleWith(kept, name, value));
          return null;
        }}
      />
    );
  };
  return <>{(["runs", "mostRuns", "runS", "restS"] as const).map(field)}</>;
}
