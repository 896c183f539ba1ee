// Generated from docs/formats/mission.schema.json.

export type EndingOutcome = "won" | "lost";
export type Action =
  | ActionAddToCounter
  | ActionCompleteObjective
  | ActionEnd
  | ActionFailObjective
  | ActionHarm
  | ActionHeal
  | ActionNote
  | ActionOpenObjective
  | ActionPutToSleep
  | ActionSend
  | ActionSetCounter
  | ActionSetFlag
  | ActionWakeEvent;
export type Amount = AmountBetween | AmountNumber | AmountOfCounter;
export type Family =
  | "sides"
  | "stances"
  | "kinds"
  | "weapons"
  | "starts"
  | "units"
  | "zones"
  | "flags"
  | "counters"
  | "objectives"
  | "endings"
  | "chapters"
  | "events";
export type SelectorQuantifier = SelectorAll | SelectorAny | SelectorAtLeast | SelectorNone | SelectorShare;
export type SelectorWhom =
  SelectorAnyone | SelectorCauser | SelectorOfSide | SelectorOneStart | SelectorOneUnit | SelectorPlayers;
export type Place = PlaceAtStart | PlaceAtUnit | PlaceAtZone | PlacePoint;
export type ConditionOnOff = "on" | "off";
export type EventAgain = EventAfter | EventEvery | EventWhenFalse;
export type Condition =
  | ConditionAlert
  | ConditionAll
  | ConditionAny
  | ConditionCounterIs
  | ConditionElapsed
  | ConditionFares
  | ConditionFired
  | ConditionFlagIs
  | ConditionHealth
  | ConditionHeldFor
  | ConditionInside
  | ConditionNear
  | ConditionNot
  | ConditionObjectiveIs;
export type ConditionAlertness = "unaware" | "wary" | "alarmed";
export type Comparison = "atLeast" | "atMost" | "exactly" | "not";
export type ConditionShape = "up" | "dead";
export type ObjectiveState = "notYetOpen" | "open" | "done" | "failed";
export type KindGlyph = "keeper" | "lad" | "guard" | "wrecker" | "lookout" | "townsman" | "hound";
export type ObjectiveRank = "primary" | "secondary" | "hidden";
export type SideColour = "gold" | "heather" | "tarn" | "rust";
export type SideFill = "hollow" | "solid" | "half";
export type SideOutline = "pebble" | "shard" | "cairn" | "leaf" | "ring" | "slab";
export type StanceAttitude = "friendly" | "neutral" | "hostile";
export type Order = OrderProwl | OrderStay;
export type WeaponUse = "hand" | "shot";
export type ZoneHatch = "rising" | "falling" | "crossed" | "dotted";

export interface Mission {
  brief: Brief;
  chapters: {
    [k: string]: Chapter;
  };
  counters: {
    [k: string]: Counter;
  };
  endings: {
    [k: string]: Ending;
  };
  events: {
    [k: string]: Event;
  };
  flags: {
    [k: string]: Flag;
  };
  kinds: {
    [k: string]: Kind;
  };
  lost: {
    [k: string]: Lost;
  };
  objectives: {
    [k: string]: Objective;
  };
  schema: number;
  setting: Setting;
  sides: {
    [k: string]: Side;
  };
  stances: {
    [k: string]: Stance;
  };
  starts: {
    [k: string]: PlayerStart;
  };
  units: {
    [k: string]: Unit;
  };
  weapons: {
    [k: string]: Weapon;
  };
  zones: {
    [k: string]: Zone;
  };
}
export interface Brief {
  author: string;
  briefing: string;
  pressure: Pressure;
  summary: string;
  title: string;
}
export interface Pressure {
  breezy: number;
  calm: number;
  rough: number;
  storm: number;
}
export interface Chapter {
  name: string;
  order: string;
}
export interface Counter {
  name: string;
  value: number;
}
export interface Ending {
  debriefing: string;
  delay: number;
  name: string;
  order: string;
  outcome: EndingOutcome;
}
export interface Event {
  actions: {
    [k: string]: EventActionLine;
  };
  again: EventAgain;
  chapter: Ref;
  name: string;
  order: string;
  times: number;
  when: Condition;
}
export interface EventActionLine {
  action: Action;
  after: Amount;
  order: string;
}
export interface ActionAddToCounter {
  type: "addToCounter";
  amount: Amount;
  counter: Ref;
}
export interface AmountBetween {
  type: "between";
  least: number;
  most: number;
}
export interface AmountNumber {
  type: "number";
  value: number;
}
export interface AmountOfCounter {
  type: "counter";
  counter: Ref;
  plus: number;
  times: number;
}
export interface Ref {
  family: Family;
  id: string;
}
export interface ActionCompleteObjective {
  type: "completeObjective";
  objective: Ref;
}
export interface ActionEnd {
  type: "end";
  ending: Ref;
}
export interface ActionFailObjective {
  type: "failObjective";
  objective: Ref;
}
export interface ActionHarm {
  type: "harm";
  amount: Amount;
  who: Selector;
}
export interface Selector {
  quantifier: SelectorQuantifier;
  whom: SelectorWhom;
}
export interface SelectorAll {
  type: "all";
}
export interface SelectorAny {
  type: "any";
}
export interface SelectorAtLeast {
  type: "atLeast";
  count: Scaled;
}
export interface Scaled {
  count: number;
  pins: ScaledPins;
}
export interface ScaledPins {
  breezy: number;
  calm: number;
  rough: number;
  storm: number;
}
export interface SelectorNone {
  type: "none";
}
export interface SelectorShare {
  type: "share";
  percent: number;
}
export interface SelectorAnyone {
  type: "anyone";
}
export interface SelectorCauser {
  type: "causer";
}
export interface SelectorOfSide {
  type: "side";
  side: Ref;
}
export interface SelectorOneStart {
  type: "start";
  start: Ref;
}
export interface SelectorOneUnit {
  type: "unit";
  unit: Ref;
}
export interface SelectorPlayers {
  type: "players";
}
export interface ActionHeal {
  type: "heal";
  amount: Amount;
  who: Selector;
}
export interface ActionNote {
  type: "note";
  text: string;
}
export interface ActionOpenObjective {
  type: "openObjective";
  objective: Ref;
}
export interface ActionPutToSleep {
  type: "putToSleep";
  event: Ref;
}
export interface ActionSend {
  type: "send";
  place: Place;
  who: Selector;
}
export interface PlaceAtStart {
  type: "start";
  start: Ref;
}
export interface PlaceAtUnit {
  type: "unit";
  unit: Ref;
}
export interface PlaceAtZone {
  type: "zone";
  zone: Ref;
}
export interface PlacePoint {
  type: "point";
  position: Position;
}
export interface Position {
  x: number;
  y: number;
}
export interface ActionSetCounter {
  type: "setCounter";
  amount: Amount;
  counter: Ref;
}
export interface ActionSetFlag {
  type: "setFlag";
  flag: Ref;
  on: ConditionOnOff;
}
export interface ActionWakeEvent {
  type: "wakeEvent";
  event: Ref;
}
export interface EventAfter {
  type: "after";
  seconds: number;
}
export interface EventEvery {
  type: "every";
  seconds: number;
}
export interface EventWhenFalse {
  type: "whenFalse";
}
export interface ConditionAlert {
  type: "alert";
  alertness: ConditionAlertness;
  who: Selector;
}
export interface ConditionAll {
  type: "all";
  parts: {
    [k: string]: ConditionPart;
  };
}
export interface ConditionPart {
  condition: Condition;
  order: string;
}
export interface ConditionAny {
  type: "any";
  parts: {
    [k: string]: ConditionPart;
  };
}
export interface ConditionCounterIs {
  type: "counter";
  amount: Amount;
  comparison: Comparison;
  counter: Ref;
}
export interface ConditionElapsed {
  type: "elapsed";
  comparison: Comparison;
  time: number;
}
export interface ConditionFares {
  type: "fares";
  state: ConditionShape;
  who: Selector;
}
export interface ConditionFired {
  type: "fired";
  event: Ref;
}
export interface ConditionFlagIs {
  type: "flag";
  flag: Ref;
  on: ConditionOnOff;
}
export interface ConditionHealth {
  type: "health";
  comparison: Comparison;
  percent: Amount;
  who: Selector;
}
export interface ConditionHeldFor {
  type: "heldFor";
  of: Condition;
  seconds: number;
}
export interface ConditionInside {
  type: "inside";
  who: Selector;
  zone: Ref;
}
export interface ConditionNear {
  type: "near";
  comparison: Comparison;
  distance: Amount;
  place: Place;
  who: Selector;
}
export interface ConditionNot {
  type: "not";
  of: Condition;
}
export interface ConditionObjectiveIs {
  type: "objective";
  objective: Ref;
  state: ObjectiveState;
}
export interface Flag {
  name: string;
  on: boolean;
}
export interface Kind {
  aim: number;
  eye: number;
  glyph: KindGlyph;
  health: number;
  name: string;
  radius: number;
  run: number;
  sight: KindSight;
  slope: number;
  wade: number;
  walk: number;
  weapons: {
    [k: string]: KindCarried;
  };
}
export interface KindSight {
  field: number;
  memory: number;
  notice: number;
  range: number;
}
export interface KindCarried {
  order: string;
  weapon: Ref;
}
export interface Lost {
  family: Family;
  name: string;
}
export interface Objective {
  name: string;
  open: boolean;
  order: string;
  rank: ObjectiveRank;
  text: string;
}
export interface Setting {
  startTime: number;
  terrain: Terrain;
  waterLevel: number;
  wind: SettingWind;
}
export interface Terrain {
  base: number;
  cell: number;
  columns: number;
  rows: number;
  tiles: {
    [k: string]: string;
  };
}
export interface SettingWind {
  from: number;
  speed: number;
}
export interface Side {
  colour: SideColour;
  fill: SideFill;
  member: string;
  name: string;
  order: string;
  outline: SideOutline;
}
export interface Stance {
  attitude: StanceAttitude;
  one: Ref;
  other: Ref;
}
export interface PlayerStart {
  facing: number;
  kind: Ref;
  name: string;
  order: string;
  position: Position;
  side: Ref;
}
export interface Unit {
  facing: number;
  kind: Ref;
  name: string;
  order: Order;
  position: Position;
  side: Ref;
}
export interface OrderProwl {
  type: "prowl";
  pause: number;
  to: Place;
}
export interface OrderStay {
  type: "stay";
}
export interface Weapon {
  accuracy: number;
  damage: number;
  interval: number;
  name: string;
  range: number;
  use: WeaponUse;
}
export interface Zone {
  hatch: ZoneHatch;
  hue: number;
  name: string;
  shape: ZoneCircle;
}
export interface ZoneCircle {
  type: "circle";
  centre: Position;
  radius: number;
}
