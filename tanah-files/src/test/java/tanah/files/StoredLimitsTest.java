package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.VesselModel;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.design.Ramp;
import tanah.core.design.WaterFeature;
import tanah.core.design.edit.AirEdit;
import tanah.core.design.edit.AirNumber;
import tanah.core.design.edit.DamEdit;
import tanah.core.design.edit.DamNumber;
import tanah.core.design.edit.DayNumber;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.design.edit.DeviceNumber;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.design.edit.EditNumber;
import tanah.core.design.edit.FeatureEdit;
import tanah.core.design.edit.FeatureNumber;
import tanah.core.design.edit.GroundEdit;
import tanah.core.design.edit.GroundNumber;
import tanah.core.design.edit.MistEdit;
import tanah.core.design.edit.MistNumber;
import tanah.core.design.edit.NozzleNumber;
import tanah.core.design.edit.PaneEdit;
import tanah.core.design.edit.PaneNumber;
import tanah.core.design.edit.PieceEdit;
import tanah.core.design.edit.PieceNumber;
import tanah.core.design.edit.PlanEdit;
import tanah.core.design.edit.RampNumber;
import tanah.core.design.edit.SheetNumber;
import tanah.core.design.edit.VentNumber;
import tanah.core.design.edit.WallEdit;
import tanah.core.design.edit.WaterEdit;
import tanah.core.design.edit.WaterNumber;
import tanah.core.proposal.PlanProposals;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.DesignWriter;
import tanah.files.design.Parsed;

/** Whatever a number may be set to can be stored and read again: the limits of the changes lie within those of the document. */
class StoredLimitsTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final DesignReader READER = new DesignReader(CATALOGUE);
    private static final EditContext CONTEXT =
            new EditContext(CATALOGUE, LocalDate.of(2026, 3, 1), new PlanProposals(CATALOGUE));

    /** Both ends, and what lies close to them. */
    private static Stream<OptionalDouble> ends(EditNumber number) {
        EditNumber.Limits l = number.limits();
        return Stream.of(l.min(), l.min() + (l.max() - l.min()) / 1000, l.max()).map(OptionalDouble::of);
    }

    private static List<Edit> edits(Design d) {
        List<Edit> all = new ArrayList<>();
        for (AirNumber n : AirNumber.values()) {
            ends(n).forEach(v -> all.add(new AirEdit.SetNumber(n, v)));
        }
        for (DayNumber n : DayNumber.values()) {
            ends(n).forEach(v -> all.add(new PlanEdit.SetDay(n, v.getAsDouble())));
        }
        for (WaterNumber n : WaterNumber.values()) {
            ends(n).forEach(v -> all.add(new WaterEdit.SetNumber(n, v)));
        }
        for (Device device : d.devices()) {
            for (DeviceNumber n : DeviceNumber.values()) {
                ends(n).forEach(v -> all.add(new DeviceEdit.SetNumber(device.id(), n, v)));
            }
        }
        for (HardscapeItem item : d.hardscape()) {
            for (PieceNumber n : PieceNumber.values()) {
                ends(n).forEach(v -> all.add(new PieceEdit.SetNumber(item.id(), n, v)));
            }
        }
        for (Layer layer : d.ground().layers()) {
            ends(GroundNumber.DEPTH).forEach(v -> all.add(new GroundEdit.SetDepth(layer.id(), v.getAsDouble())));
            ends(GroundNumber.SLOPE)
                    .forEach(v -> all.add(new GroundEdit.SetSlope(layer.id(), v.getAsDouble(), v.getAsDouble())));
            ends(GroundNumber.MOISTURE).forEach(v -> all.add(new GroundEdit.SetMoisture(layer.id(), v.getAsDouble())));
            ends(GroundNumber.MESH_HOLE).forEach(v -> all.add(new GroundEdit.SetMeshHole(layer.id(), v)));
            ends(GroundNumber.BAG)
                    .forEach(v ->
                            ends(GroundNumber.PRICE).forEach(p -> all.add(new GroundEdit.SetBag(layer.id(), v, p))));
        }
        for (Dam dam : d.ground().dams()) {
            for (DamNumber n : DamNumber.values()) {
                ends(n).forEach(v -> all.add(new DamEdit.SetNumber(dam.id(), n, v.getAsDouble())));
            }
        }
        walls(d, all);
        water(d, all);
        return all;
    }

    private static void walls(Design d, List<Edit> all) {
        Envelope e = d.vessel().orElseThrow().envelope();
        for (Envelope.Vent vent : e.vents()) {
            for (VentNumber n : VentNumber.values()) {
                ends(n).forEach(v -> all.add(new WallEdit.SetVent(vent.id(), n, v)));
            }
        }
        for (Envelope.Pane pane : e.panes()) {
            PaneEdit.materials(pane.face()).forEach(m -> all.add(new PaneEdit.MakePaneOf(pane.face(), m)));
            for (PaneNumber n : PaneNumber.values()) {
                ends(n).forEach(v -> all.add(new PaneEdit.SetPane(pane.face(), n, v)));
            }
        }
        for (Envelope.Insulation sheet : e.insulation()) {
            ends(SheetNumber.THICK).forEach(v -> all.add(new WallEdit.ThickenSheet(sheet.id(), v.getAsDouble())));
            ends(SheetNumber.REFLECTS).forEach(v -> all.add(new WallEdit.PaintSheet(sheet.id(), v)));
        }
        d.air().flatMap(a -> a.mist()).ifPresent(m -> {
            m.nozzles().forEach(z -> {
                for (NozzleNumber n : NozzleNumber.values()) {
                    ends(n).forEach(v -> all.add(new MistEdit.SetNozzle(z.id(), n, v)));
                }
            });
            for (int i = 0; i < m.events().size(); i++) {
                for (MistNumber n : MistNumber.values()) {
                    int index = i;
                    ends(n).forEach(v -> all.add(new MistEdit.SetMisting(index, n, v.getAsDouble())));
                }
            }
        });
    }

    private static void water(Design d, List<Edit> all) {
        d.water().ifPresent(w -> {
            for (WaterFeature feature : w.features()) {
                for (FeatureNumber n : FeatureNumber.values()) {
                    ends(n).forEach(v -> all.add(new FeatureEdit.SetNumber(feature.id(), n, v)));
                }
            }
            for (Ramp ramp : w.ramps()) {
                for (RampNumber n : RampNumber.values()) {
                    ends(n).forEach(v -> all.add(new WaterEdit.SetRamp(ramp.id(), n, v.getAsDouble())));
                }
            }
        });
    }

    private static Design rich(String name) {
        Design d = Examples.read(name);
        for (Envelope.Face face : Envelope.Face.values()) {
            d = new WallEdit.AddSheet(face).apply(d, CONTEXT);
        }
        for (Envelope.Face face : PaneEdit.FACES) {
            d = new PaneEdit.AddPane(face).apply(d, CONTEXT);
        }
        for (Envelope.Face face : WallEdit.OPENABLE) {
            d = new WallEdit.AddVent(face).apply(d, CONTEXT);
        }
        return d;
    }

    /** Every vessel of the list, also one that is lower than the water stands. */
    @ParameterizedTest
    @ValueSource(strings = {"mossy-frog-paludarium", "shared-water-table", "giant-millipede-box"})
    void anotherVesselCanBeStored(String name) {
        Design design = Examples.read(name);
        List<String> lost = new ArrayList<>();
        CATALOGUE.allVessels().stream().filter(VesselModel::fitsDesign).forEach(m -> {
            Design after = new PlanEdit.SetVessel(m.id()).apply(design, CONTEXT);
            if (READER.read(DesignWriter.write(after)) instanceof Parsed.Refused refused) {
                lost.add(m.id() + ": " + refused.problems());
            }
        });
        assertThat(lost).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "mossy-frog-paludarium",
                "collared-lizard-arid",
                "giant-millipede-box",
                "shared-water-table",
                "sealed-divider",
                "deep-arid-burrow"
            })
    void whatMayBeSetCanBeStored(String name) {
        Design design = rich(name);
        List<String> lost = new ArrayList<>();
        int changed = 0;
        for (Edit edit : edits(design)) {
            if (edit.refused(design, CONTEXT).isPresent()) {
                continue;
            }
            Design after = edit.apply(design, CONTEXT);
            changed += after.equals(design) ? 0 : 1;
            if (READER.read(DesignWriter.write(after)) instanceof Parsed.Refused refused) {
                lost.add(edit + ": " + refused.problems());
            }
        }
        assertThat(lost).isEmpty();
        assertThat(changed).isGreaterThan(50);
    }
}
