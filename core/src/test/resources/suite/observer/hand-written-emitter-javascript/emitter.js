class Emitter {
  constructor() { this.height = 0; }
  addListener( type, listener ) {
    if ( this._listeners === undefined ) this._listeners = {};
    const listeners = this._listeners;
    if ( listeners[ type ] === undefined ) { listeners[ type ] = []; }
    if ( listeners[ type ].indexOf( listener ) === - 1 ) { listeners[ type ].push( listener ); }
  }
  removeListener( type, listener ) {
    if ( this._listeners === undefined ) return;
    const listeners = this._listeners;
    const listenerArray = listeners[ type ];
    if ( listenerArray !== undefined ) {
      const index = listenerArray.indexOf( listener );
      if ( index !== - 1 ) { listenerArray.splice( index, 1 ); }
    }
  }
  dispatch( event ) {
    if ( this._listeners === undefined ) return;
    const listeners = this._listeners;
    const listenerArray = listeners[ event.type ];
    if ( listenerArray !== undefined ) {
      event.target = this;
      const array = listenerArray.slice( 0 );
      for ( let i = 0, l = array.length; i < l; i ++ ) { array[ i ].call( this, event ); }
      event.target = null;
    }
  }
}
class Gauge extends Emitter {
  read( height ) { this.height = height; this.dispatch( { type: 'tide', height } ); }
}
class Lamp {
  constructor( gauge ) { this.on = false; gauge.addListener( 'tide', ( event ) => { this.on = event.height > 4; } ); }
}
class Horn {
  constructor( gauge ) { this.blown = 0; gauge.addListener( 'tide', ( event ) => { this.blown += 1; } ); }
}
const gauge = new Gauge(); new Lamp( gauge ); new Horn( gauge ); gauge.read( 5 );
