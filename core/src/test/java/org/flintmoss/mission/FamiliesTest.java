package org.flintmoss.mission;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.flintmoss.Stage.ref;

import java.util.stream.Stream;
import org.flintmoss.Stage;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.MissionZip;
import org.flintmoss.mission.json.Canonical;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/**
 * Everything with a place, in the document: there and back, and refused where it cannot be held.
 */
class FamiliesTest {
  private static final String AT = "'position':{'x':20,'y':30}";

  /** A thing as it is written, with single quotes. */
  record Sample(String path, String json) {
    @Override
    public String toString() {
      return path;
    }
  }

  static Stream<Sample> samples() {
    return Stream.of(
        new Sample("/placeNames/a", "{'name':'a'," + AT + ",'facing':12.5,'letters':'large'}"),
        new Sample("/effects/a", "{'name':'a','look':'smoke'," + AT + ",'radius':4,'on':false}"),
        new Sample(
            "/craft/a",
            "{'name':'a','look':'boat','side':%s,%s,'facing':0,'seats':4,'bears':300}"
                .formatted(ref("sides", "keepers"), AT)),
        new Sample(
            "/views/a", "{'name':'a','order':'a0','centre':{'x':20,'y':30},'width':40,'depth':30}"),
        new Sample(
            "/notes/a", "{'name':'a'," + AT + ",'text':'Mind the \\u202e weed \\ud83c\\udf0a.'}"),
        new Sample(
            "/folders/a",
            "{'name':'a','order':'a0','things':{'p':%s}}".formatted(ref("starts", "p"))),
        new Sample(
            "/labels/a",
            "{'name':'a','order':'a0','things':{'p':%s}}".formatted(ref("starts", "p"))),
        new Sample(
            "/flags/a",
            "{'name':'a','on':true,'of':{'type':'side','side':%s}}"
                .formatted(ref("sides", "keepers"))),
        new Sample(
            "/zones/a",
            "{'name':'a','shape':{'type':'circle','centre':{'x':20,'y':30},'radius':4},'height':{'type':'between','low':-2,'high':6.5},'rides':{'type':'start','start':%s},'noGo':{'walkers':true,'beasts':false,'wheels':true,'boats':false,'flyers':false,'crossings':true},'does':{},'hue':3,'hatch':'dotted','strength':40}"
                .formatted(ref("starts", "p"))),
        new Sample(
            "/props/a",
            "{'name':'a','kind':%s,%s,'atop':{'type':'upon','thing':%s},'facing':0,'scale':1.5,'begins':{'type':'look','look':%s},'stands':'gone','drops':{'d':{'order':'a0','item':%s,'count':{'value':2,'levels':{},'perPlayer':0},'chance':{'value':50,'levels':{},'perPlayer':0}}},'wear':'overgrown','sunk':0.4,'tilt':30}"
                .formatted(
                    ref("thingKinds", "crate"),
                    AT,
                    ref("props", ""),
                    ref("looks", "look-plain"),
                    ref("itemKinds", "salve"))),
        new Sample("/looks/a", "{'name':'a'}"),
        new Sample(
            "/thingKinds/a",
            "{'name':'a','footprint':{'type':'round','radius':0.5},'material':'cloth','hold':{'type':'loose','mass':12.5,'grip':20,'pushed':true,'carried':'two'},'looks':{'l':{'order':'a0','look':%s,'drawing':{'s':{'order':'a0','shape':{'type':'bow','x':-1,'y':0,'overX':0,'overY':1.5,'toX':1,'toY':0},'filled':true}},'height':0,'stops':{'movement':false,'sight':true,'shots':false,'sound':2},'cover':0,'light':3}},'breaks':{'type':'harmed','strength':{'value':40,'levels':{},'perPlayer':0},'armour':{'hand':0,'shot':0.5,'blast':0,'fire':0},'cracks':{'type':'marked','look':%1$s,'share':{'value':50,'levels':{},'perPlayer':0}},'leaves':{'type':'debrisFor','look':%1$s,'seconds':{'value':9,'levels':{},'perPlayer':0}},'noise':12,'effect':{'type':'nothing'},'drops':{}},'uses':{'u':{'order':'a0','verb':'Draw','open':{'type':'side','side':%s},'offered':{'type':'while','look':%s},'seconds':2,'times':1,'counted':'each','noise':3,'needs':{'type':'nothing'},'gives':{'type':'nothing'},'effect':{'type':'letsLook','thing':%s,'look':%s},'passing':true,'turns':{'type':'intoFor','look':%s,'seconds':{'value':3,'levels':{},'perPlayer':0}},'tells':'Dust.'}}}"
                .formatted(
                    ref("looks", "look-plain"),
                    ref("sides", "keepers"),
                    ref("looks", "look-plain"),
                    ref("props", ""),
                    ref("looks", "look-plain"),
                    ref("looks", "look-plain"))),
        new Sample(
            "/decks/a",
            "{'name':'a','corners':{'c':{'order':'a0',%s}},'top':8,'thickness':0.3,'slope':{'degrees':0,'toward':0},'railing':{'height':1.1,'make':'parapet','gaps':{'g':{'order':'a0','along':3,'width':1.5}}},'openings':{'o':{'order':'a0','corners':{}}},'ramps':{'r':{'order':'a0','head':{'x':20,'y':30},'foot':{'x':20,'y':36},'width':2,'tread':'stairs'}}}"
                .formatted(AT)),
        new Sample(
            "/crossings/a",
            "{'name':'a','manner':'climb','from':{'x':20,'y':30},'fromLevel':{'type':'ground'},'to':{'x':22,'y':30},'toLevel':{'type':'top'},'back':true,'takes':{'type':'seconds','seconds':4.5},'open':'ai'}"),
        new Sample(
            "/roads/a",
            "{'name':'a','corners':{'c':{'order':'a0',%s}},'width':3,'surface':'path'}"
                .formatted(AT)),
        new Sample(
            "/buildings/a",
            "{'name':'a','corners':{'c':{'order':'a0',%s}},'floor':{'type':'height','height':7},'thickness':0.4,'stops':{'movement':true,'sight':true,'shots':true,'sound':25},'storeys':{'s':{'order':'a0','name':'Loft','height':3}},'roof':{'make':'flat','parapet':1},'inner':{'i':{'order':'a0','storey':'s','corners':{}}},'doors':{'d':{'order':'a0','storey':'s','wall':'','along':2,'width':1,'height':2}},'windows':{'w':{'order':'a0','storey':'s','along':5,'width':1,'sill':0.9,'top':2,'lets':{'sight':true,'shots':true,'sound':false}}},'stairs':{'t':{'order':'a0','storey':'s','foot':{'x':20,'y':30},'head':{'x':24,'y':30},'width':1}}}"
                .formatted(AT)),
        new Sample(
            "/squads/a",
            "{'name':'a','leader':%s,'formation':'wedge','spacing':4,'places':{'type':'counted','count':{'count':3,'pins':{'calm':-1,'breezy':-1,'rough':-1,'storm':9}}},'belongs':{'type':'band','band':%s},'order':{'type':'stay'}}"
                .formatted(ref("units", ""), ref("bands", "b"))),
        new Sample("/bands/a", "{'name':'a'}"));
  }

  @ParameterizedTest
  @MethodSource("samples")
  void aThingIsTheSameAfterItWasReadAndWrittenAndPacked(Sample sample) {
    JsonNode document = new Stage().put(sample.path(), sample.json()).document();
    Mission mission = MissionReader.read(document);
    JsonNode written = Json.MAPPER.valueToTree(mission);
    assertThat(Canonical.text(written)).isEqualTo(Canonical.text(document));
    byte[] zip = MissionZip.write(new MissionFile(document, new java.util.TreeMap<>()));
    assertThat(MissionZip.open(zip).mission().mission()).isEqualTo(mission);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "/placeNames/a | /facing | 360",
        "/effects/a | /radius | 0",
        "/effects/a | /radius | 1e9",
        "/thingKinds/a | /hold/mass | 0",
        "/craft/a | /seats | 501",
        "/views/a | /width | 0.5",
        "/zones/a | /height/low | -1e6",
        "/thingKinds/a | /footprint/radius | 0",
        "/thingKinds/a | /looks | {}",
        "/thingKinds/a | /breaks/strength | {\"value\":0,\"levels\":{},\"perPlayer\":0}",
        "/thingKinds/a | /looks/l/height | -1",
        "/thingKinds/a | /looks/l/drawing/s/shape/overY | 1e6",
        "/thingKinds/a | /uses/u/turns/seconds | {\"value\":0,\"levels\":{},\"perPlayer\":0}",
        "/props/a | /tilt | 91",
        "/props/a | /scale | 0",
        "/props/a | /scale | 1e6",
        "/props/a | /sunk | -0.1",
        "/decks/a | /top | 1e6",
        "/decks/a | /railing/height | -1",
        "/decks/a | /ramps/r/width | 0",
        "/decks/a | /ramps/r/foot/x | 1e12",
        "/roads/a | /width | 0",
        "/crossings/a | /takes/seconds | 0",
        "/crossings/a | /to/x | 1e9",
        "/buildings/a | /thickness | 0",
        "/buildings/a | /storeys/s/height | 0.2",
        "/buildings/a | /floor/height | 1e9",
        "/buildings/a | /doors/d/along | -1",
        "/squads/a | /spacing | 0.1",
        "/squads/a | /places/count/count | 100000",
        "/notes/a | /position/x | 1e12"
      })
  void whatIsAbsurdIsRefusedWithItsPlace(String path, String field, String value) {
    Sample sample = samples().filter(it -> it.path().equals(path)).findFirst().orElseThrow();
    Stage stage = new Stage().put(path, sample.json());
    stage.put(path + field, value);
    assertThatThrownBy(stage::mission)
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining(path + field.replaceFirst("/x$", ""));
  }

  @Test
  void aNameOfTenThousandLettersIsRefusedAndOneOfAnyScriptIsNot() {
    Sample note = samples().filter(it -> it.path().startsWith("/notes")).findFirst().orElseThrow();
    Stage stage = new Stage().put(note.path(), note.json());
    for (String name : new String[] {"灯台", "منارة", "🌊🌊", "a\u0301\u200d", "<b>Rock</b>"}) {
      stage.put("/notes/a/name", "'" + name + "'");
      assertThat(stage.mission().notes().get("a").name()).isEqualTo(name);
    }
    stage.put("/notes/a/name", "'" + "n".repeat(10_000) + "'");
    assertThatThrownBy(stage::mission)
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("/notes/a/name");
  }
}
