/** The list of all steps. A new step is one line here; project files, command line and window then know it. */
package amberfence.step.catalogue;
