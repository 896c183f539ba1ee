// Makes the TypeScript types of the mission document from its JSON Schema.
import { readFileSync, writeFileSync } from "node:fs";
import { compile } from "json-schema-to-typescript";

const schema = JSON.parse(readFileSync("../docs/formats/mission.schema.json", "utf8"));
const types = await compile(schema, "Mission", {
  additionalProperties: false,
  bannerComment: "// Generated from docs/formats/mission.schema.json.",
});
writeFileSync("src/generated/mission.gen.ts", types);
