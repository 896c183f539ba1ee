package org.flintmoss.server.missions;

import java.util.SortedMap;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Dealing;
import org.flintmoss.mission.catalogue.ItemKind;
import org.flintmoss.mission.catalogue.Look;
import org.flintmoss.mission.catalogue.ThingKind;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What ships for the catalogues of missions. */
@RestController
@RequestMapping("/api/catalogue")
class CatalogueController {
  /** Kinds of things and dealings by id, with the looks and the kinds of items that they name. */
  record ShippedThings(
      SortedMap<String, ThingKind> thingKinds,
      SortedMap<String, Look> looks,
      SortedMap<String, ItemKind> itemKinds,
      SortedMap<String, Dealing> dealings) {}

  /** The kinds of things and the dealings that ship. */
  @GetMapping("/things")
  ShippedThings things() {
    Mission shipped = Samples.blank().mission();
    return new ShippedThings(
        shipped.thingKinds(), shipped.looks(), shipped.itemKinds(), shipped.dealings());
  }
}
