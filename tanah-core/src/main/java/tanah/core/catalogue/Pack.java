package tanah.core.catalogue;

/**
 * A pack in which an item is sold.
 *
 * @param id         of the pack
 * @param item       catalogue id of what is in it
 * @param amount     how much, in {@code unit}: SI for l (m³) and m (m), else as printed
 * @param unit       l, kg, m, m2 or piece
 * @param price      reference currency, minor units
 * @param provenance of size and price
 * @param note       plain words, or empty
 */
public record Pack(String id, String item, double amount, String unit, long price, String provenance, String note) {
    public Pack {
        if (!(amount > 0) || price < 0) {
            throw new IllegalArgumentException(id + ": amount " + amount + ", price " + price);
        }
    }
}
