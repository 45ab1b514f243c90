import type { WhyWords } from "#words/plain";

/** The answer to "why?": inputs, rule and source of a computed number. */
export function WhyNote({ why, label = "why" }: { why: WhyWords; label?: string }) {
  return (
    <details className="inline-block align-top text-sm">
      <summary className="underlined inline-flex min-h-[24px] min-w-[24px] cursor-pointer items-center text-muted">
        {label}
      </summary>
      <div className="mt-1 max-w-md border-l-2 border-line pl-3">
        <p>{why.rule}.</p>
        <dl className="figures mt-1 grid grid-cols-[minmax(0,auto)_minmax(0,auto)] justify-start gap-x-4 text-xs break-words">
          {Object.entries(why.inputs).map(([name, value]) => (
            <div key={name} className="contents">
              <dt className="text-muted">{name}</dt>
              <dd>{value}</dd>
            </div>
          ))}
        </dl>
        {why.source ? <p className="mt-1 text-xs text-muted">{why.source}</p> : null}
      </div>
    </details>
  );
}
