/** What a trial says to the browser and the browser to it, by the names that are used here. */
export type {
  FactReading,
  Input,
  InputTell,
  InsightFacts as Facts,
  InsightMind as Mind,
  InsightStanding as Standing,
  InsightWhy as Why,
  ReadingsOffer as Offer,
  Report,
  TrialMessage,
  TrialMessageHeap as Heap,
  TrialMessageLogged as Entry,
  TrialMessageNote as Note,
  TrialMessagePerson as Player,
  TrialMessageShownObjective as ShownObjective,
  TrialRequest,
} from "../generated/trial.gen";
