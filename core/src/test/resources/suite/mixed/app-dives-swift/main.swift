AppCoordinator().start()
