/**
 * What a person names as source becomes a list of files: folders, single files, archives, chosen by globs. Nothing is
 * parsed here.
 *
 * <p>Start with {@link dev.huella.core.source.Sources}.
 *
 * <p>Not here: what the text of a file means: {@code reading}.
 *
 * <p>A new kind of source is one more lister beside {@code FolderSource}, chosen in {@link dev.huella.core.source.Sources}.
 */
package dev.huella.core.source;
