import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { TestProject } from "vitest/node";

declare module "vitest" {
  export interface ProvidedContext {
    /** A folder of this run of the tests, for what several files of tests would make anew. */
    shelf: string;
  }
}

export default function testShelf({ provide }: TestProject): () => void {
  const folder = mkdtempSync(join(tmpdir(), "yearling-tests-"));
  provide("shelf", folder);
  return () => rmSync(folder, { recursive: true, force: true });
}
