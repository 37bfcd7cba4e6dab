/** Measurements: ratios between two things timed in one run. */
package amberfence.bench;
