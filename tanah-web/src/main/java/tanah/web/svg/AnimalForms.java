package tanah.web.svg;

import tanah.core.scene.Scene.Form;

/** Plain outlines of animals, 100 units long, standing on y = 0, seen from the side. */
final class AnimalForms {
    private AnimalForms() {}

    static String path(Form form) {
        return switch (form) {
            case LIZARD ->
                "M0 -2Q22 -9 40 -10Q52 -17 68 -13Q74 -19 86 -17Q99 -14 100 -10Q94 -6 84 -7Q78 -5 74 -4L78 0H72L68 -4"
                        + "Q58 -3 50 -4L46 0H40L43 -5Q22 -5 0 -2Z";
            case SNAKE ->
                "M0 -1Q12 -8 24 -5T48 -5T72 -5Q82 -9 90 -8Q99 -7 100 -4Q94 -1 88 -2Q80 -1 72 0T48 0T24 0Q12 0 0 -1Z";
            case CHELONIAN ->
                "M4 -6Q10 -34 46 -36Q78 -36 84 -12Q92 -20 100 -15Q100 -7 90 -7L82 -6L84 0H70L68 -5H30L28 0H14L14 -5Z";
            case FROG ->
                "M0 -4Q6 -30 34 -38Q52 -50 66 -44Q70 -54 78 -48Q98 -42 100 -30Q88 -22 76 -22L84 -4L92 0H70L64 -14"
                        + "Q50 -6 40 -6L52 -2V0H16Q2 0 0 -4Z";
            case NEWT ->
                "M0 -5Q20 -13 42 -9Q58 -13 74 -10Q84 -14 94 -11Q101 -8 99 -5Q90 -2 80 -4L82 0H76L74 -3H52L50 0H44L44 -4"
                        + "Q20 -2 0 -5Z";
            case SPIDER ->
                "M34 -22Q20 -40 8 0Q22 -32 36 -16Q26 -30 20 0Q30 -22 42 -12Q38 -6 36 0Q42 -10 50 -10Q58 -10 64 0"
                        + "Q62 -8 58 -12Q70 -22 80 0Q74 -30 64 -16Q78 -32 92 0Q80 -40 66 -22Q58 -32 50 -30Q40 -32 34 -22Z";
            case SCORPION ->
                "M6 -34Q2 -48 16 -48Q30 -46 24 -28Q22 -14 34 -12H66L76 -18Q90 -26 100 -16L90 -12L98 -8Q88 -2 78 -10L70 -5"
                        + "L74 0H68L62 -5H52L54 0H48L46 -5L38 0H32L34 -5Q14 -8 18 -28Q20 -40 14 -40Q10 -40 6 -34Z";
            case MYRIAPOD ->
                "M0 -4Q8 -9 18 -7T36 -7T54 -7T72 -7Q86 -11 96 -8Q102 -4 97 -2L94 0L90 -2L86 0L82 -2L78 0L74 -2L70 0L66 -2"
                        + "L62 0L58 -2L54 0L50 -2L46 0L42 -2L38 0L34 -2L30 0L26 -2L22 0L18 -2L14 0L10 -2Z";
            case INSECT ->
                "M0 -8Q12 -26 44 -24Q66 -24 74 -18Q90 -24 100 -12Q92 -4 78 -7L84 0H76L70 -6H50L54 0H46L42 -6H24L26 0H18"
                        + "L16 -5Q4 -4 0 -8Z";
            case SNAIL ->
                "M0 0Q10 -8 20 -9Q12 -46 44 -48Q74 -46 70 -12Q82 -10 90 -22L88 -34L92 -23L98 -32L96 -20Q102 -6 90 0Z";
            case CRAB ->
                "M18 -14Q22 -34 50 -34Q78 -34 82 -14L94 -26Q104 -34 100 -18L88 -8L94 0L80 -6L82 0L72 -5H28L18 0L20 -6L6 0"
                        + "L12 -8L0 -18Q-4 -34 6 -26Z";
        };
    }
}
