package tanah.core.climate.engine;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tanah.core.box.ClimateCase;
import tanah.core.box.Factors;
import tanah.core.box.Floor;
import tanah.core.box.Pane;
import tanah.core.box.Shell;
import tanah.core.light.Lid;
import tanah.core.physics.Films;

/** What conducts and stores heat and does not change: ground columns, panes, platforms, water, links of the air. */
public final class Network {
    static final double OUTER_UPRIGHT = 0.13; // m² K/W, EN ISO 6946
    static final double OUTER_UP = 0.10; // EN ISO 6946
    static final double OUTER_DOWN = 0.17; // EN ISO 6946
    static final double STAND = 0.10; // m² K/W of the stand, from memory, 0 to 0.4
    static final double WATER_FILM = 60; // W/m² K, from memory, 30 to 200
    private static final double LEAST_AREA = 1e-9;

    public final Grid grid;
    public final Factors factors;

    // ground, per cell (layer by layer over all tiles)
    public final double[] capacity;
    public final double[] edge;
    /** By cell: conductance to the one above, of the first to the face (W/K). */
    final double[] up;

    final Pairs laterals;
    public final double[] downToRoom;
    public final double[] baseShare;

    // panes
    public final int patches;
    public final int[] patchFace;
    public final int[] patchZone;
    public final double[] patchArea;
    final double[] patchHalf;
    public final double[] patchStore;
    public final double[] patchOut;
    /** By face: left, right, front, back, lid. */
    public final double[] faceArea = new double[5];

    // platforms
    public final int platforms;
    final int[] platformZone;

    // films by the size of what they lie on
    final Films.Face[] tileFace;
    final Films.Face paneFace;
    final Films.Face lidFace;
    final Films.Face[] platformFace;
    /** W/m² K */
    final double leafFilm;

    final Sections sections;
    private volatile @Nullable ColumnFactors columns;

    // foliage
    public final double[] leaves;
    public final double[] wettable;

    // water
    final double[] waterArea;
    public final double[] waterStore;
    public final double[] waterBase;
    public final double[] waterEdge;

    final Pairs links;
    final double[] linkDistance;
    final boolean[] linkUpright;
    final int half;

    /**
     * Neighbours in flat arrays, because they are walked in every step.
     *
     * @param a     one of each pair
     * @param b     the other
     * @param value of the pair: area of zones that touch (m²), conductance of ground cells side by side (W/K)
     */
    record Pairs(int[] a, int[] b, double[] value) {
        int size() {
            return value.length;
        }
    }

    public Network(Grid grid, Factors factors) {
        this.grid = grid;
        this.factors = factors;
        ClimateCase c = grid.enclosure;
        GroundCells ground = new GroundCells(grid, factors);
        capacity = ground.capacity;
        edge = ground.edge;
        up = ground.up;
        downToRoom = ground.downToRoom;
        baseShare = ground.baseShare;
        laterals = ground.laterals();
        List<double[]> found = patches();
        patches = found.size();
        patchFace = new int[patches];
        patchZone = new int[patches];
        patchArea = new double[patches];
        patchHalf = new double[patches];
        patchStore = new double[patches];
        patchOut = new double[patches];
        for (int p = 0; p < patches; p++) {
            patch(p, found.get(p));
        }
        platforms = c.platforms().size();
        platformZone = c.platforms().stream()
                .mapToInt(f -> grid.zoneAt(f.x(), f.y(), f.z() + 1e-4))
                .toArray();
        leaves = grid.leaves();
        wettable = grid.wettable();
        waterArea = new double[grid.waters];
        waterStore = new double[grid.waters];
        waterBase = new double[grid.waters];
        waterEdge = new double[grid.waters];
        waters();
        List<AirLink> touching = AirLink.of(grid);
        links = new Pairs(
                touching.stream().mapToInt(AirLink::a).toArray(),
                touching.stream().mapToInt(AirLink::b).toArray(),
                touching.stream().mapToDouble(AirLink::area).toArray());
        linkDistance = touching.stream().mapToDouble(AirLink::distance).toArray();
        linkUpright = new boolean[touching.size()];
        for (int i = 0; i < linkUpright.length; i++) {
            linkUpright[i] = touching.get(i).upright();
        }
        half = grid.nay * grid.naz;
        FilmFaces faces = new FilmFaces(grid);
        tileFace = faces.tiles();
        paneFace = faces.panes();
        lidFace = faces.level();
        platformFace = faces.platforms();
        leafFilm = faces.leaf();
        sections = new Sections(this);
    }

    /** Factors of the ground for a length of step; the last one is kept, since a run asks for the same again and again. */
    ColumnFactors columns(double perSecond) {
        ColumnFactors kept = columns;
        if (kept == null || kept.perSecond() != perSecond) {
            kept = ColumnFactors.of(this, perSecond);
            columns = kept;
        }
        return kept;
    }

    /** How many radiant sections there are along the box. */
    public int sections() {
        return sections.count;
    }

    public int sectionOf(int zone) {
        return sections.of(zone);
    }

    /** The section of a place along the front. */
    public int sectionAt(double x) {
        return sections.of(grid.zoneAt(x, 0, grid.ground));
    }

    /** Face, zone and area of every patch. */
    private List<double[]> patches() {
        List<double[]> found = new ArrayList<>();
        for (int i = 0; i < grid.nax; i++) {
            for (int j = 0; j < grid.nay; j++) {
                for (int k = 0; k < grid.naz; k++) {
                    int n = grid.zone(i, j, k);
                    if (i == 0) {
                        found.add(new double[] {0, n, grid.zoneY * grid.zoneZ});
                    }
                    if (i == grid.nax - 1) {
                        found.add(new double[] {1, n, grid.zoneY * grid.zoneZ});
                    }
                    if (j == 0) {
                        found.add(new double[] {2, n, grid.zoneX * grid.zoneZ});
                    }
                    if (j == grid.nay - 1) {
                        found.add(new double[] {3, n, grid.zoneX * grid.zoneZ});
                    }
                    double solid = grid.zoneX * grid.zoneY - mesh(n);
                    if (k == grid.naz - 1 && solid > LEAST_AREA) {
                        found.add(new double[] {4, n, solid});
                    }
                }
            }
        }
        return found;
    }

    /** Mesh of the lid over a zone (m²), if it is a top one. */
    double mesh(int zone) {
        Lid lid = grid.enclosure.shell().lid();
        if (zone % grid.naz != grid.naz - 1 || lid.meshArea() <= 0) {
            return 0;
        }
        var b = grid.block(zone);
        return Math.max(0, Math.min(b.x1(), lid.right()) - Math.max(b.x0(), lid.left()))
                * Math.max(0, Math.min(b.y1(), lid.back()) - Math.max(b.y0(), lid.front()));
    }

    Pane pane(int face) {
        Shell s = grid.enclosure.shell();
        return face == 4
                ? s.cover().orElseThrow()
                : s.sides()
                        .get(
                                switch (face) {
                                    case 0 -> Lid.Side.LEFT;
                                    case 1 -> Lid.Side.RIGHT;
                                    case 2 -> Lid.Side.FRONT;
                                    default -> Lid.Side.BACK;
                                });
    }

    private void patch(int p, double[] found) {
        int face = (int) found[0];
        patchFace[p] = face;
        patchZone[p] = (int) found[1];
        patchArea[p] = found[2];
        faceArea[face] += found[2];
        Pane pane = pane(face);
        patchHalf[p] = found[2] / (pane.resistance() / 2);
        patchStore[p] = found[2] * pane.capacity();
        patchOut[p] = factors.envelope() * found[2] / (face == 4 ? OUTER_UP : OUTER_UPRIGHT);
    }

    private void waters() {
        double base = grid.enclosure.shell().bottom().resistance();
        double down = (OUTER_DOWN + STAND) / factors.envelope();
        for (int t = 0; t < grid.tiles; t++) {
            int w = grid.water[grid.region[t]];
            if (w < 0) {
                continue;
            }
            double depth = ((Floor.Water) grid.enclosure.floor().get(grid.region[t])).depth();
            waterArea[w] += grid.tileArea;
            waterStore[w] += grid.tileArea * depth * 4.18e6;
            waterBase[w] += grid.tileArea / (1 / WATER_FILM + base + down);
            for (Lid.Side side : Lid.Side.values()) {
                if (grid.isAt(t, side)) {
                    double pane = grid.enclosure.shell().sides().get(side).resistance();
                    waterEdge[w] +=
                            grid.along(side) * depth / (1 / WATER_FILM + pane + OUTER_UPRIGHT / factors.envelope());
                }
            }
        }
    }
}
