import { it } from "vitest";
import { library } from "../../library/index";
import { doesOf } from "./does";
import fs from "node:fs";
it("x", () => {
  const out: string[] = [];
  for (const d of library.drills) {
    out.push(`# ${d.id} [${d.kind} ${d.position}]`);
    for (const r of d.rungs) out.push(`  ${r.id}: ${[...doesOf(d, r).exposes].join(" ")}`);
  }
  fs.writeFileSync("/tmp/does.txt", out.join("\n"));
});
