import type { Order } from "#core/records/groups";
import { useAct } from "../use-act";

const ways = { name: "by name", group: "by group", hand: "by hand" } as const;

/** In which order athletes stand, here and everywhere. */
export function OrderChoice({ order }: { order: Order }) {
  const { act } = useAct("/?index");
  return (
    <label className="grid">
      <span className="label">Order</span>
      <select
        className="field"
        value={order.by}
        onChange={(event) => act("order-athletes", { by: event.target.value as keyof typeof ways })}
      >
        {Object.entries(ways).map(([way, text]) => (
          <option key={way} value={way}>
            {text}
          </option>
        ))}
      </select>
    </label>
  );
}
