// The same light as on the service's own pictures, so that the bust and the sheet agree.
const LIGHT = /* glsl */ `
  float wrapped(float c) { return max(0.0, (c + 0.25) / 1.25); }
  float shade(vec3 n) {
    return 0.25 + 0.66 * wrapped(dot(n, normalize(vec3(-0.45, 0.62, 0.85))))
      + 0.17 * wrapped(dot(n, normalize(vec3(0.8, 0.05, 0.6)))) + 0.06 * n.y;
  }`

// Gloss, metal and sparkle of the topmost paint; the same numbers as in the service's BustPicture.cs, and grains that flash.
const SHINE = /* glsl */ `
  float grain(vec2 cell, float seed) { return fract(sin(dot(cell, vec2(12.9898, 78.233)) + seed) * 43758.5453); }
  vec3 shone(vec3 colour, vec3 n, vec3 surface, vec2 at) {
    vec3 towards = normalize(normalize(vec3(-0.45, 0.62, 0.85)) + vec3(0.0, 0.0, 1.0));
    float highlight = pow(max(0.0, dot(n, towards)), 26.0);
    vec3 lit = colour * shade(n) * (1.0 - 0.4 * surface.g);
    lit += highlight * surface.r * (0.5 + 0.7 * surface.g) * mix(vec3(1.0), 1.6 * colour, surface.g);
    vec2 cell = floor(at * 900.0);
    vec3 tilted = normalize(n + 0.9 * (vec3(grain(cell, 1.0), grain(cell, 2.0), grain(cell, 3.0)) - 0.5));
    float flash = pow(max(0.0, dot(tilted, towards)), 60.0) * step(0.45, grain(cell, 4.0));
    return lit + surface.b * 1.4 * flash * mix(vec3(1.0), 1.6 * colour, 0.4);
  }`

export const FRAGMENT = /* glsl */ `
  uniform sampler2D paint;
  uniform sampler2D before;
  uniform sampler2D finish;
  uniform float divide;
  uniform float shiny;
  uniform sampler2D overlay;
  uniform vec3 skin;
  uniform vec2 ends;
  varying vec2 place;
  varying vec3 facing;
  ${LIGHT}
  ${SHINE}
  void main() {
    bool outside = place.x < 0.0 || place.x > 1.0 || place.y < 0.0 || place.y > 1.0;
    vec3 colour = outside ? skin : texture2D(paint, place).rgb;
    if (!outside && gl_FragCoord.x < divide) colour = texture2D(before, place).rgb;
    vec3 surface = outside ? vec3(0.16, 0.0, 0.0) : texture2D(finish, place).rgb;
    colour = clamp(shone(colour, normalize(facing), shiny * surface, place), 0.0, 1.0);
    // The bust ends softly: nobody is cut off there.
    colour = mix(vec3(0.4627), colour, smoothstep(ends.x, ends.y, -place.y));
    vec4 drawn = outside ? vec4(0.0) : texture2D(overlay, place);
    gl_FragColor = vec4(mix(colour, drawn.rgb / max(drawn.a, 0.001), drawn.a), 1.0);
  }`

export const BUST_VERTEX = /* glsl */ `
  varying vec2 place;
  varying vec3 facing;
  void main() {
    place = uv;
    facing = normalMatrix * normal;
    gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
  }`

// On the chart the skin lies flat but keeps its light, so that brow, nose and mouth can be found.
export const CHART_VERTEX = /* glsl */ `
  varying vec2 place;
  varying vec3 facing;
  void main() {
    place = uv;
    facing = normal;
    gl_Position = projectionMatrix * modelViewMatrix * vec4(uv.x, 1.0 - uv.y, 0.0, 1.0);
  }`
