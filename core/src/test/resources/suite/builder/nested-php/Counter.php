<?php

namespace Post;

class Counter
{
    public function summons(string $who): int
    {
        return Letter::to($who)->saying('You are called.')->registered()->seal()->postage();
    }
}
