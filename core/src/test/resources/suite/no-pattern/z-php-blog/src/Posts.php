<?php

declare(strict_types=1);

namespace Blog;

final class Posts
{
    public function __construct(private readonly \PDO $database)
    {
    }

    public function byId(int $id): ?Post
    {
        $statement = $this->database->prepare('select * from posts where id = ?');
        $statement->execute([$id]);
        $row = $statement->fetch(\PDO::FETCH_ASSOC);
        return $row === false ? null : $this->post($row);
    }

    /** @return Post[] */
    public function tagged(string $tag): array
    {
        $rows = $this->database->query('select * from posts order by written')->fetchAll(\PDO::FETCH_ASSOC);
        return array_values(array_filter(
            array_map($this->post(...), $rows),
            static fn (Post $post): bool => $post->isTagged($tag),
        ));
    }

    private function post(array $row): Post
    {
        return (new Post((int) $row['id'], $row['title'], $row['text']))->tag(...explode(',', $row['tags']));
    }
}
