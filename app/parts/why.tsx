import { whyWords, type Why, type WhyWords } from "#words/why";

/** The answer to "why?": inputs, rule and source of a computed number. */
export function WhyNote({ why: told, label = "why" }: { why: Why | WhyWords; label?: string }) {
  const why = "inputs" in told ? told : whyWords(told);
  return (
    <details className="inline-block align-top text-sm">
      <summary className="underlined inline-flex min-h-6 cursor-pointer items-center text-muted">
        {label}
      </summary>
      <div className="mt-1 max-w-md border-l-2 border-line pl-3">
        <p>{why.rule}.</p>
        <dl className="figures mt-1 grid grid-cols-[auto_auto] justify-start gap-x-4 text-xs">
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
