package amberfence.app.steps;

import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.step.SettingTexts;
import amberfence.step.SettingType;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.StepSetting;
import amberfence.step.StepSlot;
import amberfence.step.catalogue.StepCatalogue;
import java.util.Optional;

/** Throws the dice of the open step again: its seed becomes the next number. */
public final class DiceThrow {
    private DiceThrow() {
    }

    /** Says so when the open step has no dice. */
    public static void again(Session session) {
        Long open = session.selection().openStep().get();
        Optional<StepSlot> slot = session.partNow().flatMap(part -> open == null ? Optional.empty() : part.step(open));
        if (slot.flatMap(some -> thrown(some.step())).isEmpty()) {
            session.say(Words.say("dice.none"));
            return;
        }
        session.editStep(Words.say("dice.again", StepCatalogue.of(slot.get().step()).title()), open,
                same -> thrown(same.step()).map(same::withStep).orElse(same));
    }

    private static Optional<Step> thrown(Step step) {
        return thrown(StepCatalogue.of(step), step);
    }

    private static <S extends Step> Optional<Step> thrown(StepSchema<S> schema, Step step) {
        S own = schema.own(step);
        Optional<StepSetting<S>> seed = schema.settings().stream().filter(setting -> setting.type().kind() == SettingType.Kind.SEED
                && setting.counts(own)).findFirst();
        return seed.map(setting -> setting.read(own, Long.toString(Long.parseLong(setting.text(own, SettingTexts.ALONE)) + 1), SettingTexts.ALONE));
    }
}
