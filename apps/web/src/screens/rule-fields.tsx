import { TextField } from "../ui/text-field.tsx";
import { LEARN } from "../words/learn.ts";
import { RULE_LIMITS } from "../workbench/learning.ts";

interface Rule {
  readonly runs: number;
  readonly mostRuns: number;
  readonly runS: number;
  readonly restS: number;
}

/** A learning rule in four figures. */
export function RuleFields({ rule, onChange }: { readonly rule: Rule; readonly onChange: (rule: Rule) => void }) {
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
          const next = { ...rule, [name]: value };
          onChange({ ...next, mostRuns: Math.max(next.runs, next.mostRuns) });
          return null;
        }}
      />
    );
  };
  return <>{(["runs", "mostRuns", "runS", "restS"] as const).map(field)}</>;
}
