<?php
declare(strict_types=1);
namespace Aldera\News;
final class Article
{
    /** @param string[] $tags */
    public function __construct(public readonly int $id, public readonly string $title, public readonly array $tags) {}
}
interface Articles { public function find(int $id): ?Article; /** @return Article[] */ public function latest(int $n): array; public function store(Article $article): void; }
final class FileArticles implements Articles
{
    private array $all = [];
    public function __construct(private readonly string $folder) {}
    public function find(int $id): ?Article { $this->load(); return $this->all[$id] ?? null; }
    public function latest(int $n): array { $this->load(); return array_slice($this->all, -$n); }
    public function store(Article $article): void { $this->load(); $this->all[$article->id] = $article; file_put_contents($this->folder . '/' . $article->id, serialize($article)); }
    private function load(): void { if (!$this->all) { foreach (glob($this->folder . '/*') as $file) { $article = unserialize(file_get_contents($file)); $this->all[$article->id] = $article; } } }
}
final class RememberedArticles implements Articles
{
    /** @var array<int, ?Article> */
    private array $known = [];
    public function __construct(private readonly Articles $inner) {}
    public function find(int $id): ?Article { return $this->known[$id] ??= $this->inner->find($id); }
    public function latest(int $n): array { return $this->inner->latest($n); }
    public function store(Article $article): void { $this->known[$article->id] = $article; $this->inner->store($article); }
}
