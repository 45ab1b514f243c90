import { createHash } from "node:crypto";
import { describe, expect, it } from "vitest";
import { policyFor } from "./policy.mjs";

const sha = (script: string) => `'sha256-${createHash("sha256").update(script).digest("base64")}'`;

describe("the policy of a page", () => {
  it("names its inline scripts by hash and allows no other, nor any other origin", () => {
    const policy = policyFor(
      '<script>one()</script><script src="/a.js"></script><script type="module">import "/b.js"</script>',
    );
    expect(policy).toContain(sha("one()"));
    expect(policy).toContain(sha('import "/b.js"'));
    expect(policy.split("sha256-")).toHaveLength(3);
    expect(policy).toContain("default-src 'self'");
    const scripts = policy.split("; ").find((part) => part.startsWith("script-src"))!;
    expect(scripts).not.toContain("unsafe-inline");
    expect(scripts).toContain("'wasm-unsafe-eval'");
    expect(policy).not.toMatch(/https?:/);
  });
  it("a page without scripts needs no hash", () =>
    expect(policyFor("<p>plain</p>")).toContain("script-src 'self' 'wasm-unsafe-eval';"));
});
