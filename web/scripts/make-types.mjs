// Makes the TypeScript types of the mission document from its JSON Schema.
import { readFileSync, writeFileSync } from "node:fs";
import { compile } from "json-schema-to-typescript";

const schema = JSON.parse(readFileSync("../docs/formats/mission.schema.json", "utf8"));
const types = await compile(schema, "Mission", {
  additionalProperties: false,
  bannerComment: "// Generated from docs/formats/mission.schema.json.",
});
writeFileSync("src/generated/mission.gen.ts", types);

const maps = Object.entries(schema.properties).filter(([, { maxProperties }]) => maxProperties);
const most = Object.fromEntries(maps.map(([name, { maxProperties }]) => [name, maxProperties]));
writeFileSync(
  "src/generated/bounds.gen.ts",
  `// Generated from docs/formats/mission.schema.json.
/** The most things that each map of a mission may hold. */
export const MOST: Readonly<Record<string, number>> = ${JSON.stringify(most, null, 2)};
`,
);
