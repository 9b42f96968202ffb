<?php

abstract class Entry
{
    public function __construct(protected string $name)
    {
    }

    abstract public function bytes(): int;

    public function add(Entry $entry): void
    {
        throw new BadMethodCallException("$this->name holds nothing");
    }
}

class Document extends Entry
{
    public function __construct(string $name, private int $size)
    {
        parent::__construct($name);
    }

    public function bytes(): int
    {
        return $this->size;
    }
}

class Folder extends Entry
{
    /** @var Entry[] */
    private array $entries = [];

    public function add(Entry $entry): void
    {
        $this->entries[] = $entry;
    }

    public function bytes(): int
    {
        return array_sum(array_map(fn (Entry $entry) => $entry->bytes(), $this->entries));
    }
}

$root = new Folder('root');
$root->add(new Document('a.txt', 120));
$root->add(new Folder('empty'));
echo $root->bytes();
