/**
 * What can be done to a part. A step is a record whose fields are its settings; applying it is pure and explains
 * itself: every note that differs has a {@link amberfence.step.Change} with a {@link amberfence.step.Reason}, every note
 * left on purpose is a {@link amberfence.step.Kept}, and whatever could not be done well is a
 * {@link amberfence.step.Finding}. The steps themselves live in the packages below, in the order of the work.
 */
package amberfence.step;

