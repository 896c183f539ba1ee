package org.flintmoss.script.text;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.flintmoss.mission.word.Ref;

/** Finds what may be written at a place: what the reader would have taken there. */
final class Completer {
  /** The most that are offered. */
  private static final int MOST = 500;

  private final ScriptText.Grammar grammar;

  Completer(ScriptText.Grammar grammar) {
    this.grammar = grammar;
  }

  ScriptText.Completion at(String text, int offset) {
    int to = Math.max(0, Math.min(text.length(), offset));
    int from = begun(text, to);
    int start = event(text, from);
    Troubles troubles = new Troubles();
    ScriptReader reader =
        new ScriptReader(Lexer.cut(text.substring(start, from), troubles), troubles, grammar);
    reader.read();
    List<ScriptText.Option> options = new ArrayList<>();
    for (Expected expected : reader.expectedAtEnd()) {
      offer(expected, options);
    }
    options.sort(
        Comparator.comparing(ScriptText.Option::kind).thenComparing(ScriptText.Option::label));
    return new ScriptText.Completion(from, options.stream().distinct().limit(MOST).toList());
  }

  /** Where what is being written began: a word, or a name from its bracket on. */
  private static int begun(String text, int to) {
    int line = text.lastIndexOf('\n', to - 1) + 1;
    int bracket = text.lastIndexOf('[', to - 1);
    boolean open = bracket >= line && text.substring(bracket, to).indexOf(']') < 0;
    if (open) {
      return bracket;
    }
    int from = to;
    while (from > line && Character.isLetter(text.charAt(from - 1))) {
      from--;
    }
    return from;
  }

  /** Where the event, or what a zone does, begins that a place lies in; 0 for none. */
  private static int event(String text, int at) {
    int from = at;
    while (from > 0) {
      int line = text.lastIndexOf('\n', from - 1) + 1;
      if ((text.startsWith("event", line) || text.startsWith("zone", line)) && line < at) {
        return line;
      }
      from = line - 1;
    }
    return 0;
  }

  private void offer(Expected expected, List<ScriptText.Option> into) {
    switch (expected) {
      case Expected.Words words when !words.words().isEmpty() ->
          into.add(new ScriptText.Option(words.words(), words.words(), "word", ""));
      case Expected.Sentence sentence -> {
        String label = sentence.template().replaceAll("\\$\\{([^}]*)}", "$1");
        into.add(new ScriptText.Option(label, sentence.template(), "sentence", ""));
      }
      case Expected.Thing thing -> {
        for (Ref ref : grammar.names().all(thing.families())) {
          String plate = grammar.names().plate(ref, thing.families());
          into.add(new ScriptText.Option(plate, plate, "thing", ref.family().word()));
        }
      }
      case Expected.Words _, Expected.Number _, Expected.Quoted _ -> {}
    }
  }
}
