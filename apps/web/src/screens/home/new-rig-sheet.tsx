import type { Stage } from "@amp-saver/records";
import { useForm } from "react-hook-form";
import { useNavigate } from "react-router";
import { type Asked, newRigCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import { Button } from "../../ui/button.tsx";
import { Sheet } from "../../ui/sheet.tsx";
import { useFormDraft } from "../../ui/use-form-draft.ts";
import { HOME } from "../../words/home.ts";
import { nameError } from "../../words/survey.ts";
import { nothingAsked } from "./first-asked.ts";

interface NewRigSheetProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  /** What was asked already, to be kept under the name; the stage that shows it, and what follows. */
  readonly asked?: { readonly what: Asked; readonly stage: Stage; readonly onKept: () => void };
}

/** Names a rig; its first unit and job come with it. */
export function NewRigSheet({ open, onOpenChange, asked }: NewRigSheetProps) {
  const { commit } = useStore();
  const navigate = useNavigate();
  const form = useForm({ defaultValues: { name: "" } });
  useFormDraft("new rig", form);
  const { register, handleSubmit, formState, reset } = form;
  const begin = handleSubmit(async ({ name }) => {
    const what = asked?.what ?? nothingAsked();
    const result = await commit(newRigCommit(name.trim(), what));
    if (!result.ok) return;
    reset();
    asked?.onKept();
    onOpenChange(false);
    void navigate(`/job/${what.job.id}/${asked?.stage ?? "survey"}`);
  });
  const { isSubmitting, errors } = formState;
  const { name: error } = errors;
  return (
    <Sheet open={open} onOpenChange={onOpenChange} title={HOME.nameTitle}>
      <form
        onSubmit={(event) => {
          if (isSubmitting) event.preventDefault();
          else void begin(event);
        }}
        noValidate
      >
        <label htmlFor="rig-name" className="font-semibold">
          {HOME.nameLabel}
        </label>
        <input
          id="rig-name"
          data-first-focus
          className="edge mt-1 block min-h-[44px] w-full bg-face px-3 text-large"
          autoComplete="off"
          aria-invalid={error !== undefined}
          aria-describedby="rig-name-help"
          {...register("name", {
            validate: (text) => nameError(HOME.nameLabel, text) ?? true,
          })}
        />
        <p
          id="rig-name-help"
          className={`mt-1 ${error === undefined ? "text-ink2" : "font-semibold text-lead"}`}
          role={error === undefined ? undefined : "alert"}
        >
          {error?.message ?? HOME.nameHelp}
        </p>
        <Button type="submit" look="primary" className="mt-4 min-h-[52px] w-full">
          {HOME.begin}
        </Button>
      </form>
    </Sheet>
  );
}
