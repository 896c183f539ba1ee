package org.flintmoss.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import org.flintmoss.mission.Action;
import org.flintmoss.mission.Audience;
import org.flintmoss.mission.Condition;
import org.flintmoss.mission.Family;
import org.flintmoss.mission.Ordered;
import org.flintmoss.mission.Pinned;
import org.flintmoss.mission.Place;
import org.flintmoss.mission.Ref;
import org.flintmoss.mission.Selector;
import org.flintmoss.mission.Where;

/** Turns single actions into acts. */
final class ActionCompiler {
  private static final Seats EVERYBODY = new Seats(true, null);
  private static final Quantity OWN_TIME = new Quantity.Fixed(Act.StartTimer.OWN);

  private final Lookup lookup;
  private final Cast cast;
  private final Errands errands;
  private final List<Told> notes = new ArrayList<>();
  private final List<Arrival> arrivals = new ArrayList<>();
  private int sites;

  ActionCompiler(Lookup lookup, Errands errands) {
    this.lookup = lookup;
    this.errands = errands;
    cast = lookup.cast();
  }

  /** The texts of notes. */
  List<Told> notes() {
    return List.copyOf(notes);
  }

  /** Where those come in who are brought in; waves add theirs. */
  List<Arrival> arrivals() {
    return arrivals;
  }

  /** An action that is not made of others. */
  Act act(Action action) {
    return switch (action) {
      case Action.OpenObjective open ->
          new Act.Objective(cast.index(open.objective()), Act.Turn.OPEN, seats(open.to()));
      case Action.CompleteObjective done ->
          new Act.Objective(cast.index(done.objective()), Act.Turn.DONE, EVERYBODY);
      case Action.FailObjective failed ->
          new Act.Objective(cast.index(failed.objective()), Act.Turn.FAILED, EVERYBODY);
      case Action.End end -> new Act.End(cast.index(end.ending()));
      case Action.Note note -> note(note);
      case Action.Say say -> new Act.Say(cast.index(say.conversation()), null, seats(say.to()));
      case Action.SayAs say -> {
        Crowd who = lookup.crowd(say.who());
        yield new Act.Say(who == null ? -1 : cast.index(say.conversation()), who, seats(say.to()));
      }
      case Action.StartEffect start -> new Act.Effect(cast.index(start.effect()), true);
      case Action.StopEffect stop -> new Act.Effect(cast.index(stop.effect()), false);
      case Action.ShowMarker show ->
          new Act.Marker(cast.index(show.marker()), true, seats(show.to()));
      case Action.HideMarker hide ->
          new Act.Marker(cast.index(hide.marker()), false, seats(hide.to()));
      case Action.OfferCall offer ->
          new Act.Offer(cast.index(offer.call()), true, seats(offer.to()));
      case Action.WithdrawCall withdraw ->
          new Act.Offer(cast.index(withdraw.call()), false, seats(withdraw.to()));
      case Action.ShowView show ->
          new Act.View(cast.index(show.view()), Script.steps(at(show.time())), seats(show.to()));
      case Action.OwnView back -> new Act.OwnView(seats(back.to()));
      case Action.SetUse set ->
          new Act.SetUse(cast.index(set.fixture()), set.use() == Action.Use.CAN);
      case Action.ClockGoesOn on -> new Act.ClockGoesOn(on.time());
      case Action.SetFlag flag ->
          new Act.Flag(cast.index(flag.flag()), flag.on() == Condition.OnOff.ON);
      case Action.SetCounter set ->
          new Act.Counter(cast.index(set.counter()), lookup.ofDeed(set.amount()), false);
      case Action.AddToCounter add ->
          new Act.Counter(cast.index(add.counter()), lookup.ofDeed(add.amount()), true);
      case Action.StartTimer start ->
          new Act.StartTimer(cast.index(start.timer()), OWN_TIME, seats(start.to()));
      case Action.StartTimerAt start ->
          new Act.StartTimer(
              cast.index(start.timer()), lookup.ofDeed(start.time()), seats(start.to()));
      case Action.KeepSplit keep -> new Act.Split(cast.index(keep.timer()));
      case Action.StopTimer stop -> new Act.StopTimer(cast.index(stop.timer()));
      case Action.Harm harm ->
          new Act.Hurt(lookup.crowd(harm.who()), lookup.ofDeed(harm.amount()), 1);
      case Action.Heal heal ->
          new Act.Hurt(lookup.crowd(heal.who()), lookup.ofDeed(heal.amount()), -1);
      case Action.TurnOver over -> new Act.TurnOver(cast.index(over.flag()));
      case Action.MoveTo move -> new Act.MoveTo(lookup.crowd(move.who()), way(move.place()));
      case Action.TakeOut take -> new Act.TakeOut(lookup.crowd(take.who()));
      case Action.HelpUp help -> new Act.HelpUp(lookup.crowd(help.who()));
      case Action.SetAlertness set ->
          new Act.SetAlertness(lookup.crowd(set.who()), set.alertness().ordinal());
      case Action.Spare spare -> new Act.Spare(lookup.crowd(spare.who()), spare.spared());
      case Action.AddLives add -> new Act.AddLives(lookup.ofDeed(add.amount()));
      case Action.Blast blast ->
          new Act.Blast(site(blast.place()), lookup.ofDeed(blast.amount()), at(blast.radius()));
      case Action.SetWeather set -> new Act.Weather(set.weather().ordinal(), 0);
      case Action.TurnWeather turn -> new Act.Weather(turn.weather().ordinal(), at(turn.time()));
      case Action.TurnWind turn -> new Act.Wind(at(turn.speed()), turn.from(), at(turn.time()));
      case Action.SetVisibility set -> new Act.Visibility(at(set.distance()), at(set.time()));
      case Action.Send send -> new Act.Send(lookup.crowd(send.who()), site(send.place()));
      case Action.GiveOrder give ->
          new Act.Order(lookup.crowd(give.who()), squad(give.who()), errands.number(give.order()));
      case Action.Hold hold ->
          new Act.Hold(lookup.crowd(hold.who()), squad(hold.who()), hold.firmness());
      case Action.KeepAlert keep ->
          new Act.KeepAlert(lookup.crowd(keep.who()), keep.roused().alertness().ordinal(), null);
      case Action.KeepAlertFor keep -> {
        Quantity time = lookup.ofDeed(keep.time());
        Crowd who = time == null ? null : lookup.crowd(keep.who());
        yield new Act.KeepAlert(who, keep.roused().alertness().ordinal(), time);
      }
      case Action.LetGo let -> new Act.LetGo(lookup.crowd(let.who()));
      case Action.BringIn bring ->
          new Act.BringIn(
              lookup.crowd(bring.who()), new Site.Single(null, number(new Arrival.AtHome()), -1));
      case Action.BringInAt bring -> new Act.BringIn(lookup.crowd(bring.who()), way(bring.place()));
      case Action.Give give ->
          new Act.Give(
              lookup.crowd(give.who()),
              cast.index(give.itemKind()),
              lookup.ofDeed(give.count()),
              1);
      case Action.TakeAway take ->
          new Act.Give(
              lookup.crowd(take.who()),
              cast.index(take.itemKind()),
              lookup.ofDeed(take.count()),
              -1);
      case Action.LayDown lay ->
          new Act.Lay(cast.index(lay.itemKind()), lookup.ofDeed(lay.count()), site(lay.place()));
      case Action.StartWaves start -> new Act.Waves(cast.index(start.wavePlan()), true);
      case Action.StopWaves stop -> new Act.Waves(cast.index(stop.wavePlan()), false);
      case Action.SetGate gate -> new Act.Gate(cast.index(gate.gate()), gate.state().ordinal());
      case Action.Sound sound -> new Act.Sound(site(sound.place()), at(sound.loudness()));
      case Action.SetStance set ->
          new Act.SetStance(cast.index(set.one()), cast.index(set.other()), set.attitude());
      case Action.Alarm alarm -> new Act.Alarm(lookup.crowd(alarm.who()), site(alarm.place()));
      case Action.Water water -> new Act.Water(water.level(), at(water.time()));
      case Action.If _, Action.ForEach _, Action.OneOf _ ->
          throw new IllegalStateException("what holds other lines is laid out as jumps");
      case Action.WakeEvent wake -> new Act.Wake(event(wake.event()), true);
      case Action.PutToSleep sleep -> new Act.Wake(event(sleep.event()), false);
      case Action.WakeChapter wake -> new Act.Wake(chapter(wake.chapter()), true);
      case Action.PutChapterToSleep sleep -> new Act.Wake(chapter(sleep.chapter()), false);
      case Action.AddTime add ->
          new Act.AddTime(cast.index(add.timer()), lookup.ofDeed(add.time()));
    };
  }

  private List<Integer> event(Ref ref) {
    int event = lookup.event(ref);
    return event < 0 ? List.of() : List.of(event);
  }

  /** The numbers of a chapter's events, in their firing order; none for an open reference. */
  private List<Integer> chapter(Ref chapter) {
    return cast.mission().events().entrySet().stream()
        .filter(it -> it.getValue().chapter().equals(chapter))
        .map(it -> lookup.event(new Ref(Family.EVENTS, it.getKey())))
        .filter(it -> it >= 0)
        .sorted()
        .toList();
  }

  private int squad(Selector who) {
    return who.whom() instanceof Selector.InSquad in ? cast.index(in.squad()) : -1;
  }

  /** Where something is done; null for nowhere. */
  private Site site(Where where) {
    return site(where, place -> single(place, false));
  }

  /** Where somebody comes to; null for nowhere. */
  private Site way(Where where) {
    return site(where, place -> single(place, true));
  }

  private Site site(Where where, Function<Place, Site.Single> single) {
    return switch (where) {
      case Place place -> single.apply(place);
      case Where.NearestOf of -> {
        Crowd who = lookup.crowd(new Selector(new Selector.All(), of.whom()));
        yield who == null ? null : new Site.Beside(who);
      }
      case Where.OneOf one -> {
        List<Site.Single> places =
            Ordered.sort(one.places()).stream()
                .map(it -> single.apply(it.getValue().place()))
                .filter(Objects::nonNull)
                .toList();
        yield places.isEmpty() ? null : new Site.Several(one.how(), places, sites++, lookup.luck());
      }
    };
  }

  /** A place; null where its reference is open. */
  private Site.Single single(Place place, boolean comes) {
    Spot spot = lookup.places().spot(place);
    if (spot == null) {
      return null;
    }
    int zone = place instanceof Place.AtZone at ? cast.index(at.zone()) : -1;
    return new Site.Single(spot, comes ? number(lookup.places().arrival(place)) : -1, zone);
  }

  private int number(Arrival arrival) {
    arrivals.add(arrival);
    return arrivals.size() - 1;
  }

  /** How many sites there are that choose among several places. */
  int sites() {
    return sites;
  }

  private double at(Pinned pinned) {
    return pinned.at(lookup.terms());
  }

  private Act note(Action.Note note) {
    notes.add(lookup.toldByDeed(note.text()));
    return new Act.Note(notes.size() - 1, seats(note.to()));
  }

  private Seats seats(Audience to) {
    return to instanceof Audience.Only only
        ? new Seats(false, lookup.crowd(only.who()))
        : EVERYBODY;
  }
}
