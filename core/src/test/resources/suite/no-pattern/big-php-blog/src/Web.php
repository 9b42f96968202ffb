<?php
declare(strict_types=1);
namespace Aldera\News;
final class Request { public function __construct(public readonly string $path, public readonly array $query = []) {} }
final class Response { public function __construct(public readonly int $status, public readonly string $body) {} }
abstract class Page
{
    final public function render(Request $request): Response
    {
        $content = $this->content($request);
        if ($content === null) { return new Response(404, $this->layout('not found')); }
        return new Response(200, $this->layout($content));
    }
    protected function layout(string $content): string { return "<main>$content</main>"; }
    abstract protected function content(Request $request): ?string;
}
final class ArticlePage extends Page
{
    public function __construct(private readonly Articles $articles) {}
    protected function content(Request $request): ?string { return $this->articles->find((int) ($request->query['id'] ?? 0))?->title; }
}
final class FrontPage extends Page
{
    public function __construct(private readonly Articles $articles) {}
    protected function content(Request $request): ?string { return implode(', ', array_map(fn (Article $a) => $a->title, $this->articles->latest(5))); }
    protected function layout(string $content): string { return '<h1>Aldera</h1>' . parent::layout($content); }
}
final class Site
{
    /** @var array<string, Page> */
    private array $pages;
    public function __construct(Articles $articles) { $this->pages = ['/' => new FrontPage($articles), '/article' => new ArticlePage($articles)]; }
    public function handle(Request $request): Response { return ($this->pages[$request->path] ?? $this->pages['/'])->render($request); }
}
$site = new Site(new RememberedArticles(new FileArticles('/var/news')));
echo $site->handle(new Request('/'))->body;
