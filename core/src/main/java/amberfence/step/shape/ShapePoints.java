package amberfence.step.shape;

import amberfence.theory.MusicTextException;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A shape by some of its points: places in percent that rise, each with a value.
 *
 * @param places 0–100
 * @param values one for each place
 */
public record ShapePoints(List<Double> places, List<Double> values) {
    private static final int MOST = 32;
    private static final double WHOLE = 100;
    private static final Pattern POINT = Pattern.compile("\\s*(\\d{1,3}(?:\\.\\d{1,3})?)\\s*:\\s*(\\d{1,3}(?:\\.\\d{1,3})?)\\s*");

    public ShapePoints {
        places = List.copyOf(places);
        values = List.copyOf(values);
        if (places.isEmpty() || places.size() > MOST || places.size() != values.size()) {
            throw new IllegalArgumentException(Texts.say("a shape has 1 to %s points, as in 0:40,100:90", MOST));
        }
        for (int i = 0; i < places.size(); i++) {
            if (places.get(i) > WHOLE || i > 0 && places.get(i) <= places.get(i - 1)) {
                throw new IllegalArgumentException(Texts.say("the places of a shape rise from 0 to 100, as in 0:40,50:90,100:40"));
            }
        }
    }

    /** Reads {@code 0:64,100:64}. */
    public static ShapePoints parse(String text) {
        List<Double> places = new ArrayList<>();
        List<Double> values = new ArrayList<>();
        for (String point : text.split(",", -1)) {
            Matcher matcher = POINT.matcher(point);
            if (!matcher.matches()) {
                throw new MusicTextException(Texts.say("it is points, each a place in percent and a value, as in 0:40,50:90,100:40"));
            }
            places.add(Double.valueOf(matcher.group(1)));
            values.add(Double.valueOf(matcher.group(2)));
        }
        return new ShapePoints(places, values);
    }

    /** What {@link #parse} reads. */
    public String text() {
        List<String> points = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            points.add(plain(places.get(i)) + ":" + plain(values.get(i)));
        }
        return String.join(",", points);
    }

    private static String plain(double number) {
        return number == Math.rint(number) ? Long.toString((long) number) : Double.toString(number);
    }

    /** How many points there are. */
    public int size() {
        return places.size();
    }

    /** With the ends where a bend of time has them, when they are missing. */
    ShapePoints withEnds() {
        List<Double> allPlaces = new ArrayList<>(places);
        List<Double> allValues = new ArrayList<>(values);
        if (places.get(0) > 0) {
            allPlaces.add(0, 0.0);
            allValues.add(0, 0.0);
        }
        if (allPlaces.get(allPlaces.size() - 1) < WHOLE) {
            allPlaces.add(WHOLE);
            allValues.add(WHOLE);
        }
        return new ShapePoints(allPlaces, allValues);
    }

    /** The value at a place, straight from point to point; before the first and behind the last theirs. */
    public double at(double place) {
        int next = next(place);
        if (next == 0 || next == size()) {
            return values.get(next == 0 ? 0 : size() - 1);
        }
        double share = (place - places.get(next - 1)) / (places.get(next) - places.get(next - 1));
        return values.get(next - 1) + share * (values.get(next) - values.get(next - 1));
    }

    /**
     * The value at a place on a smooth curve that rises wherever the points do (Fritsch and Carlson, Monotone piecewise cubic
     * interpolation, 1980): tangents are the mean of the neighbouring slopes, at the ends the one slope.
     */
    public double smoothAt(double place) {
        int next = next(place);
        if (size() == 1 || next == 0 || next == size()) {
            return at(place);
        }
        double[] tangents = tangents();
        double width = places.get(next) - places.get(next - 1);
        double t = (place - places.get(next - 1)) / width;
        double square = t * t;
        double cube = square * t;
        return (2 * cube - 3 * square + 1) * values.get(next - 1) + (cube - 2 * square + t) * width * tangents[next - 1]
                + (-2 * cube + 3 * square) * values.get(next) + (cube - square) * width * tangents[next];
    }

    private double slope(int i) {
        return (values.get(i + 1) - values.get(i)) / (places.get(i + 1) - places.get(i));
    }

    private double[] tangents() {
        int last = size() - 1;
        double[] tangents = new double[size()];
        for (int i = 0; i <= last; i++) {
            double before = slope(Math.max(0, i - 1));
            double after = slope(Math.min(last - 1, i));
            tangents[i] = before * after <= 0 ? 0 : (before + after) / 2;
        }
        for (int i = 0; i < last; i++) {
            double slope = slope(i);
            if (slope == 0) {
                continue;
            }
            double alpha = tangents[i] / slope;
            double beta = tangents[i + 1] / slope;
            double size = alpha * alpha + beta * beta;
            if (size > 9) {
                tangents[i] = 3 / Math.sqrt(size) * alpha * slope;
                tangents[i + 1] = 3 / Math.sqrt(size) * beta * slope;
            }
        }
        return tangents;
    }

    /** The first point behind a place, or as many as there are. */
    private int next(double place) {
        int next = 0;
        while (next < size() && places.get(next) <= place) {
            next++;
        }
        return next == size() && place == places.get(size() - 1) ? size() : next;
    }

    /** With another point; one at the same place gives way. Its place stays between 0 and 100. */
    public ShapePoints with(double place, double value) {
        List<Double> allPlaces = new ArrayList<>();
        List<Double> allValues = new ArrayList<>();
        double at = Math.max(0, Math.min(WHOLE, place));
        boolean put = false;
        for (int i = 0; i < size(); i++) {
            if (!put && places.get(i) >= at) {
                allPlaces.add(at);
                allValues.add(value);
                put = true;
            }
            if (places.get(i) != at) {
                allPlaces.add(places.get(i));
                allValues.add(values.get(i));
            }
        }
        if (!put) {
            allPlaces.add(at);
            allValues.add(value);
        }
        return new ShapePoints(allPlaces, allValues);
    }

    /** Without one of its points, unless it is the last that there is. */
    public ShapePoints without(int index) {
        if (size() == 1) {
            return this;
        }
        List<Double> fewerPlaces = new ArrayList<>(places);
        List<Double> fewerValues = new ArrayList<>(values);
        fewerPlaces.remove(index);
        fewerValues.remove(index);
        return new ShapePoints(fewerPlaces, fewerValues);
    }
}
