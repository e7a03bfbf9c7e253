interface TwoColumnsProps {
  readonly evidence: React.ReactNode;
  readonly rail: React.ReactNode;
}

/** Evidence on the left, controls in the rail; one under the other on a phone. */
export function TwoColumns({ evidence, rail }: TwoColumnsProps) {
  return (
    <div className="grid min-h-full min-[1000px]:grid-cols-[1fr_370px]">
      <div className="min-w-0 px-4 py-3 min-[1000px]:px-6">{evidence}</div>
      <div className="border-ink bg-bench px-4 py-4 max-[999px]:border-t-[1.5px] min-[1000px]:border-l-[1.5px] min-[1000px]:px-5">
        {rail}
      </div>
    </div>
  );
}
