package amberfence.sound;

import amberfence.words.Texts;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import javax.sound.midi.MidiDevice;
import javax.sound.midi.MidiMessage;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.MidiUnavailableException;
import javax.sound.midi.Receiver;
import javax.sound.midi.Sequencer;
import javax.sound.midi.Synthesizer;
import javax.sound.midi.Transmitter;

/** The MIDI devices of the machine. */
public final class Devices {
    /** A keyboard or another source of messages, while it is open. */
    public interface Input extends AutoCloseable {
        String name();

        @Override
        void close();
    }

    private Devices() {
    }

    /** The names of the outputs, without the JDK's own. */
    public static List<String> outputs() {
        return names(true);
    }

    /** The names of the inputs. */
    public static List<String> inputs() {
        return names(false);
    }

    private static List<String> names(boolean outputs) {
        List<String> names = new ArrayList<>();
        for (MidiDevice.Info info : MidiSystem.getMidiDeviceInfo()) {
            try {
                if (isWanted(MidiSystem.getMidiDevice(info), outputs)) {
                    names.add(info.getName());
                }
            } catch (MidiUnavailableException | IllegalArgumentException e) {
                // A device that is gone by now is none to offer.
            }
        }
        return names;
    }

    private static boolean isWanted(MidiDevice device, boolean output) {
        return !(device instanceof Synthesizer) && !(device instanceof Sequencer)
                && (output ? device.getMaxReceivers() : device.getMaxTransmitters()) != 0;
    }

    private static MidiDevice find(String name, boolean output) throws IOException {
        for (MidiDevice.Info info : MidiSystem.getMidiDeviceInfo()) {
            try {
                MidiDevice device = MidiSystem.getMidiDevice(info);
                if (info.getName().equals(name) && isWanted(device, output)) {
                    device.open();
                    return device;
                }
            } catch (MidiUnavailableException | IllegalArgumentException e) {
                throw new IOException(Texts.say("%s cannot be opened: %s", name, e.getMessage()), e);
            }
        }
        throw new IOException(Texts.say("there is no device called %s any more", name));
    }

    /** Opens an output by its name. */
    public static SoundOutput open(String name) throws IOException {
        MidiDevice device = find(name, true);
        try {
            Receiver receiver = device.getReceiver();
            return new SoundOutput() {
                @Override
                public String name() {
                    return name;
                }

                @Override
                public void send(int message) {
                    receiver.send(JavaMessages.of(message), -1);
                }

                @Override
                public void close() {
                    device.close();
                }
            };
        } catch (MidiUnavailableException e) {
            device.close();
            throw new IOException(Texts.say("%s is busy", name), e);
        }
    }

    /** Opens an input by its name; its short messages are handed on as they come. */
    public static Input listen(String name, IntConsumer messages) throws IOException {
        MidiDevice device = find(name, false);
        try {
            Transmitter transmitter = device.getTransmitter();
            transmitter.setReceiver(new Receiver() {
                @Override
                public void send(MidiMessage message, long stamp) {
                    int length = message.getLength();
                    if (length <= 3 && message.getStatus() < 0xF0) {
                        byte[] bytes = message.getMessage();
                        messages.accept(Messages.of(message.getStatus(), length > 1 ? bytes[1] & 0x7F : 0, length > 2 ? bytes[2] & 0x7F : 0));
                    }
                }

                @Override
                public void close() {
                    // There is nothing to let go.
                }
            });
            return new Input() {
                @Override
                public String name() {
                    return name;
                }

                @Override
                public void close() {
                    device.close();
                }
            };
        } catch (MidiUnavailableException e) {
            device.close();
            throw new IOException(Texts.say("%s is busy", name), e);
        }
    }
}
