import * as z from "zod";
import { Skill } from "../core/aim/skill";
import { Drill } from "../core/drill/drill";
import type { Library } from "../core/library";
import { Protocol } from "../core/measure/protocol";
import cautionsPack from "./cautions.json";
import drillsPack from "./drills.json";
import protocolsPack from "./protocols.json";
import skillsPack from "./skills.json";

/** The library that ships with the application, read by the same schema as a coach's own pack. */
export const library: Library = {
  skills: z.array(Skill).parse(skillsPack),
  protocols: z.array(Protocol).parse(protocolsPack),
  drills: z.array(Drill).parse(drillsPack),
};

/** What to know before, during and when to stop. */
export const cautions: readonly { title: string; lines: readonly string[] }[] = cautionsPack;
