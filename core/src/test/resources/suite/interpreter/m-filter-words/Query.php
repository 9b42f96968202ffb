<?php

namespace Library\Query;

interface Term
{
    public function matches(array $book): bool;
}

final class Word implements Term
{
    public function __construct(private string $word)
    {
    }

    public function matches(array $book): bool
    {
        return str_contains(strtolower($book['title']), $this->word);
    }
}

final class Both implements Term
{
    public function __construct(private Term $left, private Term $right)
    {
    }

    public function matches(array $book): bool
    {
        return $this->left->matches($book) && $this->right->matches($book);
    }
}

final class AnyOf implements Term
{
    /** @param Term[] $terms */
    public function __construct(private array $terms)
    {
    }

    public function matches(array $book): bool
    {
        foreach ($this->terms as $term) {
            if ($term->matches($book)) {
                return true;
            }
        }
        return false;
    }
}

final class Except implements Term
{
    public function __construct(private Term $term)
    {
    }

    public function matches(array $book): bool
    {
        return !$this->term->matches($book);
    }
}
