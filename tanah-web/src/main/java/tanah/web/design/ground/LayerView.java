package tanah.web.design.ground;

import java.util.List;
import java.util.Optional;
import tanah.web.design.edit.FieldView;
import tanah.web.design.edit.NumberRow;

/**
 * A layer as a row of the pit.
 *
 * @param id       in the design
 * @param kind     word of its kind
 * @param name     what it is made of
 * @param texture  pattern
 * @param media    catalogue id, or empty for an own mix or open space
 * @param form     depth, slope or fixed
 * @param depth    typed depth (cm), or mean depth
 * @param front    front of a slope (cm)
 * @param back     back of a slope (cm)
 * @param bag      litres of the bag it is bought in, or empty
 * @param price    of that bag, or empty
 * @param mesh     whether a separator lies under it
 * @param moist    water that it begins with (% of what it holds)
 * @param meshHole opening of that separator (mm)
 * @param region   where it lies, or nothing where its plan is no rectangle
 * @param numbers  label and value, in order
 * @param parts    loose litres of each component
 * @param mix      of what and how it behaves; of the selected layer only
 * @param selected whether it is being edited
 */
public record LayerView(
        String id,
        String kind,
        String name,
        String texture,
        String media,
        String form,
        String depth,
        String front,
        String back,
        String bag,
        String price,
        boolean mesh,
        String moist,
        String meshHole,
        List<FieldView> region,
        List<NumberRow> numbers,
        List<NumberRow> parts,
        Optional<MixView> mix,
        boolean selected) {}
