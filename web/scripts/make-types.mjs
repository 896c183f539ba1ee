// Makes TypeScript types of the mission document, and of what a trial says, from their JSON Schemas.
import { readFileSync, writeFileSync } from "node:fs";
import { compile } from "json-schema-to-typescript";

async function makeTypes(name, rootName) {
  const schema = JSON.parse(readFileSync(`../docs/formats/${name}.schema.json`, "utf8"));
  const types = await compile(schema, rootName, {
    additionalProperties: false,
    bannerComment: `// Generated from docs/formats/${name}.schema.json.`,
  });
  writeFileSync(`src/generated/${name}.gen.ts`, types);
  return schema;
}

await makeTypes("trial", "Trial");
const schema = await makeTypes("mission", "Mission");

const maps = Object.entries(schema.properties).filter(([, { maxProperties }]) => maxProperties);
const most = Object.fromEntries(maps.map(([name, { maxProperties }]) => [name, maxProperties]));
writeFileSync(
  "src/generated/bounds.gen.ts",
  `// Generated from docs/formats/mission.schema.json.
/** The most things that each map of a mission may hold. */
export const MOST: Readonly<Record<string, number>> = ${JSON.stringify(most, null, 2)};
`,
);
