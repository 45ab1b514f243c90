import fc from "fast-check";

/**
 * Property tests draw the same examples at every run, so that a commit that passes here passes elsewhere.
 * `SEED=$RANDOM npx vitest run` looks at others.
 */
fc.configureGlobal({ seed: Number(process.env.SEED ?? 20_261_124) });
