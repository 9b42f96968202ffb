<?php
namespace Site\Menu;

final class Section implements Entry, \IteratorAggregate, \Countable
{
    /** @var list<Entry> */
    private array $entries;

    public function __construct(private string $title, Entry ...$entries)
    {
        $this->entries = $entries;
    }

    public function add(Entry $entry): static
    {
        $this->entries[] = $entry;
        return $this;
    }

    public function html(int $depth = 0): string
    {
        $inner = array_map(fn (Entry $entry) => $entry->html($depth + 1), $this->entries);
        return "<section><h2>{$this->title}</h2>" . implode("\n", $inner) . '</section>';
    }

    public function isActive(string $path): bool
    {
        foreach ($this->entries as $entry) {
            if ($entry->isActive($path)) {
                return true;
            }
        }
        return false;
    }

    public function getIterator(): \Traversable
    {
        return new \ArrayIterator($this->entries);
    }

    public function count(): int
    {
        return count($this->entries);
    }
}
