<?php
namespace Blog;

use Blog\Http\Handler;
use Blog\Http\Request;
use Blog\Http\Response;

final class Post
{
    public function __construct(public readonly int $id, public string $title, public string $text, public bool $published = false)
    {
    }
}

final class PostRepository
{
    public function __construct(private \PDO $db)
    {
    }

    public function find(int $id): ?Post
    {
        $row = $this->db->query("select * from posts where id = $id")->fetch();
        return $row ? new Post($row['id'], $row['title'], $row['text'], (bool) $row['published']) : null;
    }

    /** @return Post[] */
    public function all(): array
    {
        return array_map(fn (array $row) => new Post($row['id'], $row['title'], $row['text']), $this->db->query('select * from posts')->fetchAll());
    }
}

final class ShowPost implements Handler
{
    public function __construct(private PostRepository $posts)
    {
    }

    public function handle(Request $request): Response
    {
        $post = $this->posts->find((int) ($request->query['id'] ?? 0));
        return $post === null ? Response::html('not found', 404) : Response::html("<h1>{$post->title}</h1>{$post->text}");
    }
}
