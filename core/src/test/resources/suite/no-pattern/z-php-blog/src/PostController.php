<?php

declare(strict_types=1);

namespace Blog;

final class PostController
{
    public function __construct(private readonly Posts $posts, private readonly View $view)
    {
    }

    public function show(int $id): string
    {
        $post = $this->posts->byId($id);
        if ($post === null) {
            http_response_code(404);
            return $this->view->render('missing');
        }
        return $this->view->render('post', ['post' => $post]);
    }

    public function tag(string $tag): string
    {
        return $this->view->render('list', ['posts' => $this->posts->tagged($tag)]);
    }
}
