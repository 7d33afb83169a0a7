package tanah.core.catalogue;

/**
 * What a thing usually costs, in reference currency units (about one euro of 2025; from memory).
 *
 * @param low     lowest
 * @param typical usual
 * @param high    highest
 */
public record PriceBand(String id, double low, double typical, double high) {}
