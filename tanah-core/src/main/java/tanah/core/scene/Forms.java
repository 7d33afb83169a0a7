package tanah.core.scene;

import tanah.core.scene.Scene.Form;

/** Which outline stands for which group of animals. */
public final class Forms {
    private Forms() {}

    public static Form of(String group) {
        return switch (group) {
            case "snake" -> Form.SNAKE;
            case "turtle", "tortoise" -> Form.CHELONIAN;
            case "frog-toad" -> Form.FROG;
            case "newt-salamander" -> Form.NEWT;
            case "crab" -> Form.CRAB;
            case "spider" -> Form.SPIDER;
            case "scorpion" -> Form.SCORPION;
            case "millipede", "centipede" -> Form.MYRIAPOD;
            case "insect", "isopod", "other" -> Form.INSECT;
            case "snail" -> Form.SNAIL;
            default -> Form.LIZARD;
        };
    }
}
