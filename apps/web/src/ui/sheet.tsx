import { Dialog } from "radix-ui";
import { COMMON } from "../words/common.ts";
import { Button } from "./button.tsx";

interface SheetProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly title: string;
  readonly description?: string;
  readonly children: React.ReactNode;
}

/** A sheet laid over the page: full height on a phone, a ruled panel at the table. */
export function Sheet({ open, onOpenChange, title, description, children }: SheetProps) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content
          className="fixed inset-0 z-50 flex flex-col overflow-y-auto bg-face p-4 min-[43.75rem]:inset-auto min-[43.75rem]:top-1/2 min-[43.75rem]:left-1/2 min-[43.75rem]:max-h-[88vh] min-[43.75rem]:w-[640px] min-[43.75rem]:-translate-x-1/2 min-[43.75rem]:-translate-y-1/2 min-[43.75rem]:border-[2.4px] min-[43.75rem]:border-ink min-[43.75rem]:p-6"
          onOpenAutoFocus={(event) => {
            const { currentTarget } = event;
            const first = currentTarget instanceof HTMLElement ? currentTarget.querySelector<HTMLElement>("[data-first-focus]") : null;
            if (first === null) return;
            event.preventDefault();
            first.focus();
          }}
          {...(description === undefined && { "aria-describedby": undefined })}
        >
          <div className="mb-3 flex items-start justify-between gap-4">
            <Dialog.Title className="answer">{title}</Dialog.Title>
            <Dialog.Close asChild>
              <Button>{COMMON.close}</Button>
            </Dialog.Close>
          </div>
          {description !== undefined && <Dialog.Description className="mb-3 text-ink2">{description}</Dialog.Description>}
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
