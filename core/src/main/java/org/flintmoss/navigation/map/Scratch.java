package org.flintmoss.navigation.map;

/**
 * What a search has found out about places: what it costs to come to them, and from where. Memory
 * is taken by pages, for the parts of the land that have ever been searched.
 */
public final class Scratch {
  private static final int BITS = 10;
  private static final int SIZE = 1 << BITS;
  private static final int MASK = SIZE - 1;

  /** Some places. Those with other marks than the search's have not been come to by it. */
  private static final class Page {
    private final double[] cost = new double[SIZE];
    private final int[] parent = new int[SIZE];
    private final int[] mark = new int[SIZE];
  }

  private final Page[] pages;

  /** The mark of what the search has come to; its negative that of what it has done with. */
  private int round;

  /** Room for a number of places. */
  public Scratch(int places) {
    pages = new Page[(places + MASK) >>> BITS];
  }

  /** Forgets all. */
  public void clear() {
    round++;
  }

  /** Whether a place has been come to. */
  public boolean reached(int place) {
    Page page = pages[place >>> BITS];
    return page != null && page.mark[place & MASK] == round;
  }

  /** Whether a place has been done with. */
  public boolean closed(int place) {
    Page page = pages[place >>> BITS];
    return page != null && page.mark[place & MASK] == -round;
  }

  /** Has a place that has been come to be done with. */
  public void close(int place) {
    pages[place >>> BITS].mark[place & MASK] = -round;
  }

  /**
   * Notes that a place is come to from another at a cost.
   *
   * @return whether that is less than before, and it has not been done with
   */
  public boolean lower(int place, int from, double at) {
    Page page = pages[place >>> BITS];
    if (page == null) {
      page = new Page();
      pages[place >>> BITS] = page;
    }
    int here = place & MASK;
    int mark = page.mark[here];
    if (mark == -round || (mark == round && page.cost[here] <= at)) {
      return false;
    }
    page.mark[here] = round;
    page.cost[here] = at;
    page.parent[here] = from;
    return true;
  }

  /** What it costs to come to a place that has been come to. */
  public double cost(int place) {
    return pages[place >>> BITS].cost[place & MASK];
  }

  /** From where a place is come to that has been come to. */
  public int parent(int place) {
    return pages[place >>> BITS].parent[place & MASK];
  }
}
