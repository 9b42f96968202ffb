package dev.huella.core.reading;

import dev.huella.core.source.SourceSpan;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

/** One node of a {@link SyntaxTree}. Valid until the tree's parser parses the next file. */
public record SyntaxNode(SyntaxTree tree, int index) {

    public String kind() {
        return tree.kind(index);
    }

    public boolean is(String kind) {
        return tree.kind(index) == kind || tree.kind(index).equals(kind);
    }

    /** False for keywords and signs. */
    public boolean named() {
        return tree.named(index);
    }

    /** The field of its parent that it fills, or null. */
    public String field() {
        return tree.field(index);
    }

    /** The text as the parser saw it; a name without the marks that only keep it from being taken for a keyword. */
    public String text() {
        String text = tree.text(tree.start(index), tree.end(index));
        boolean marked = text.length() > 2 && text.charAt(0) == '`' && text.charAt(text.length() - 1) == '`';
        return marked && kind().endsWith("identifier") ? text.substring(1, text.length() - 1) : text;
    }

    /** The text between two places of the file, as the parser saw it. */
    public String text(int from, int to) {
        return tree.text(from, to);
    }

    public SourceSpan span() {
        return tree.span(tree.start(index), tree.end(index));
    }

    public int start() {
        return tree.start(index);
    }

    public int end() {
        return tree.end(index);
    }

    /** The child that fills a field, or null. */
    public SyntaxNode child(String field) {
        for (int i = tree.first(index); i >= 0; i = tree.next(i)) {
            if (field.equals(tree.field(i))) {
                return new SyntaxNode(tree, i);
            }
        }
        return null;
    }

    /** The first child of a kind, or null. */
    public SyntaxNode first(String kind) {
        for (int i = tree.first(index); i >= 0; i = tree.next(i)) {
            if (tree.kind(i).equals(kind)) {
                return new SyntaxNode(tree, i);
            }
        }
        return null;
    }

    /** Named children that are no comments, in order. */
    public List<SyntaxNode> children() {
        List<SyntaxNode> found = new ArrayList<>();
        for (int i = tree.first(index); i >= 0; i = tree.next(i)) {
            if (tree.named(i) && !tree.kind(i).endsWith("comment")) {
                found.add(new SyntaxNode(tree, i));
            }
        }
        return found;
    }

    /** Named children and tokens that carry meaning, in order; no comments. */
    public List<SyntaxNode> tokens() {
        List<SyntaxNode> found = withComments();
        found.removeIf(SyntaxNode::isComment);
        return found;
    }

    /** The same with comments. */
    public List<SyntaxNode> withComments() {
        List<SyntaxNode> found = new ArrayList<>();
        for (int i = tree.first(index); i >= 0; i = tree.next(i)) {
            found.add(new SyntaxNode(tree, i));
        }
        return found;
    }

    /** The text without the comments in it. */
    public String code() {
        var code = new StringBuilder();
        int from = start();
        Deque<SyntaxNode> open = new ArrayDeque<>(List.of(this));
        while (!open.isEmpty()) {
            SyntaxNode node = open.pop();
            if (node.isComment()) {
                code.append(text(from, node.start()));
                from = node.end();
            } else {
                node.withComments().reversed().forEach(open::push);
            }
        }
        return code.append(text(from, end())).toString();
    }

    public boolean isComment() {
        return kind().endsWith("comment");
    }

    /** Named children that fill a field, in order. */
    public List<SyntaxNode> children(String field) {
        return children().stream().filter(child -> field.equals(child.field())).toList();
    }
}
