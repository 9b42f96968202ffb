<?php

namespace Library;

use Library\Query\AnyOf;
use Library\Query\Both;
use Library\Query\Except;
use Library\Query\Term;
use Library\Query\Word;

class Shelf
{
    private array $books = [];

    public function put(string $title): void
    {
        $this->books[] = ['title' => $title];
    }

    public function search(Term $term): array
    {
        return array_filter($this->books, fn (array $book) => $term->matches($book));
    }

    public function seaStories(): array
    {
        return $this->search(new Both(new AnyOf([new Word('sea'), new Word('ocean')]), new Except(new Word('recipe'))));
    }
}
