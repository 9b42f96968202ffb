class Sky {
  colour() {
    throw new Error('not implemented');
  }
}

class Sound {
  play() {
    throw new Error('not implemented');
  }
}

class StormSky extends Sky {
  colour() {
    return 'slate';
  }
}

class Thunder extends Sound {
  play() {
    return 'boom';
  }
}

class SummerSky extends Sky {
  colour() {
    return 'azure';
  }
}

class Crickets extends Sound {
  play() {
    return 'chirp';
  }
}

class SceneKit {
  sky() {
    throw new Error('not implemented');
  }

  sound() {
    throw new Error('not implemented');
  }
}

class StormKit extends SceneKit {
  sky() {
    return new StormSky();
  }

  sound() {
    return new Thunder();
  }
}

class SummerKit extends SceneKit {
  sky() {
    return new SummerSky();
  }

  sound() {
    return new Crickets();
  }
}

module.exports = { StormKit, SummerKit };
