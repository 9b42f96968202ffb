<?php

class Import
{
    private Logger $logger;

    public function __construct(?Logger $logger = null)
    {
        $this->logger = $logger ?? new SilentLogger();
    }

    public function run(array $rows): int
    {
        foreach ($rows as $row) {
            $this->logger->info('row ' . $row);
        }
        $this->logger->info(count($rows) . ' rows');
        return $this->logger->count();
    }
}
