/**
 * One open code base: reading it, finding in it. The one entry for the window and the command line.
 *
 * <p>Start with {@link dev.huella.core.project.Project}.
 *
 * <p>Not here: anything that only one of the two faces needs.
 *
 * <p>What both faces need and no earlier package can give is added here.
 */
package dev.huella.core.project;
