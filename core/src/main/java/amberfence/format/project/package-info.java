/** Amber Fence's own project files: JSON, documented in docs/project-format.md. */
package amberfence.format.project;

