import * as THREE from "three";
import type { ObjectView, Schemas } from "../api/client";
import { rimOf, type Carried } from "../kit/carried";
import { look } from "../kit/projection";
import { Shading } from "./shading";

type Folding = Schemas["FoldingDoc"];

/** A point on a panel: its corner, and how far along its first and last sides. */
export interface OnPanel {
  panel: number;
  s: number;
  t: number;
}

// Cloth textures repeat after this many mm.
const WEAVE = 18;
// Cloth between the eye and the thing is seen through more than cloth behind it.
const NEAR = 0.42;
const FAR = 0.92;
// A panel nearer than this to the middle of the form (mm) lies in it.
const INSIDE = 0.2;
/** The thing is put in once the cloth is this far on the way to its place. */
export const THING_FROM = 0.8;

type Cloth = THREE.Mesh<THREE.BufferGeometry, THREE.MeshLambertMaterial>;

interface Tones {
  ink: string;
  cloth: string;
  weave: string;
  contrast: string;
  glass: string;
  lit: string;
}

/** The sewn form in space: panels that move between flat and sewn, the thing inside, and lit seams. Draws only when asked. */
export class RoundScene {
  private readonly renderer: THREE.WebGLRenderer;
  private readonly scene = new THREE.Scene();
  private readonly camera = new THREE.PerspectiveCamera(28, 1, 1, 20000);
  private readonly cut = new THREE.Plane(new THREE.Vector3(0, 1, 0), 0);
  private readonly raycaster = new THREE.Raycaster();
  private folding: Folding | null = null;
  private starts: number[] = [];
  private triangles: number[][][] = [];
  private corners = new Float32Array(0);
  /** Cloth behind the thing, and cloth between it and the eye. */
  private cloth: Cloth[] = [];
  private outline: THREE.LineSegments | null = null;
  private creases: THREE.LineSegments | null = null;
  private thing: THREE.Object3D | null = null;
  /** Straps, pockets and the like, there once the form is. */
  private parts: THREE.Group | null = null;
  private shading: Shading | null = null;
  private lit: OnPanel[][] = [];
  private litGroup = new THREE.Group();
  private share = 1;
  private yaw = (-28 * Math.PI) / 180;
  private pitch = (16 * Math.PI) / 180;
  private zoom = 1;
  private waiting = 0;
  private tones: Tones;

  constructor(canvas: HTMLCanvasElement) {
    this.renderer = new THREE.WebGLRenderer({ canvas, antialias: true, alpha: true });
    this.renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
    this.camera.up.set(0, 0, 1);
    const sun = new THREE.DirectionalLight(0xffffff, 1.5);
    sun.position.set(-0.5, -1, 1.4);
    this.scene.add(new THREE.AmbientLight(0xffffff, 2.1), sun, this.litGroup);
    this.tones = tonesOf(canvas);
  }

  setForm(folding: Folding, object: ObjectView | null, carried: Carried[]) {
    this.clear();
    this.folding = folding;
    let at = 0;
    this.starts = folding.panels.map((panel) => {
      const start = at;
      at += panel.flat.length;
      return start;
    });
    this.corners = new Float32Array(at * 3);
    this.triangles = folding.panels.map((panel, i) =>
      THREE.ShapeUtils.triangulateShape(
        panel.flat.map(([x, y]) => new THREE.Vector2(x, y)),
        [],
      )
        // Wound as its panel is, so that its front is where the normals look.
        .map((triangle) => triangle.map((corner) => corner + this.starts[i]!).sort((a, b) => a - b)),
    );
    const place = new THREE.BufferAttribute(this.corners, 3);
    this.shading = new Shading(folding, this.starts);
    const normal = new THREE.BufferAttribute(this.shading.normals, 3);
    const uv = folding.panels.flatMap((panel) => panel.flat.flatMap(([x, y]) => [x! / WEAVE, y! / WEAVE]));
    const weaves = new THREE.Float32BufferAttribute(uv, 2);
    const map = weave(this.tones);
    const tints = new THREE.Float32BufferAttribute(
      folding.panels.flatMap((panel) => panel.flat.flatMap(() => tint(panel.cloth, this.tones))),
      3,
    );
    this.cloth = [FAR, NEAR].map((opacity, i) => {
      const geometry = new THREE.BufferGeometry();
      geometry.setAttribute("position", place);
      geometry.setAttribute("uv", weaves);
      geometry.setAttribute("normal", normal);
      geometry.setAttribute("color", tints);
      geometry.setIndex(this.triangles.flat(2));
      const material = new THREE.MeshLambertMaterial({
        map,
        vertexColors: true,
        side: THREE.DoubleSide,
        transparent: true,
        opacity,
        // Panels are drawn from the back to the front, and the thing between them: cloth lies against it and may bulge.
        depthTest: false,
        depthWrite: false,
      });
      const cloth = new THREE.Mesh(geometry, material);
      cloth.renderOrder = i === 0 ? 0 : 2;
      return cloth;
    });
    const { free, folds } = sides(folding, this.starts);
    const line = (pairs: number[], opacity: number) => {
      const lines = new THREE.BufferGeometry();
      lines.setAttribute("position", place);
      lines.setIndex(pairs);
      const drawn = new THREE.LineSegments(
        lines,
        new THREE.LineBasicMaterial({ color: this.tones.ink, transparent: true, opacity }),
      );
      drawn.renderOrder = 3;
      return drawn;
    };
    this.outline = line(free, 0.95);
    this.creases = line(folds, 0.4);
    this.scene.add(...this.cloth, this.outline, this.creases);
    if (object) {
      this.thing = solidOf(object, this.tones);
      this.scene.add(this.thing);
    }
    if (carried.length) {
      this.parts = partsOf(carried, this.tones);
      this.scene.add(this.parts);
    }
    this.setShare(this.share);
  }

  /** 0 lies flat on the table, 1 is sewn. */
  setShare(share: number) {
    this.share = share;
    const stages = this.folding?.stages;
    if (!stages) return;
    const along = share * (stages.length - 1);
    const low = Math.min(stages.length - 2, Math.floor(along));
    const part = along - low;
    const [a, b] = [stages[low]!, stages[low + 1]!];
    for (let i = 0; i < this.corners.length; i++) this.corners[i] = a[i]! + (b[i]! - a[i]!) * part;
    this.shading?.follow(this.corners);
    for (const cloth of this.cloth) cloth.geometry.attributes.normal!.needsUpdate = true;
    for (const drawn of this.drawn()) {
      drawn.geometry.attributes.position!.needsUpdate = true;
      drawn.geometry.computeBoundingSphere();
    }
    for (const sewn of [this.thing, this.parts]) if (sewn) sewn.visible = share > THING_FROM;
    this.drawLit();
    this.ask();
  }

  setLit(lines: OnPanel[][]) {
    this.lit = lines;
    this.drawLit();
    this.ask();
  }

  setCut(open: boolean) {
    const planes = open ? [this.cut] : [];
    this.renderer.localClippingEnabled = open;
    for (const drawn of this.drawn()) (drawn.material as THREE.Material).clippingPlanes = planes;
    this.parts?.traverse((part) => {
      if (part instanceof THREE.Mesh || part instanceof THREE.LineSegments)
        (part.material as THREE.Material).clippingPlanes = planes;
    });
    this.ask();
  }

  setSize(width: number, height: number) {
    this.renderer.setSize(width, height, false);
    this.camera.aspect = width / height;
    this.camera.updateProjectionMatrix();
    this.ask();
  }

  turn(across: number, up: number) {
    this.yaw += across;
    this.pitch = Math.min(1.5, Math.max(-1.2, this.pitch + up));
    this.ask();
  }

  nearer(factor: number) {
    this.zoom = Math.min(5, Math.max(0.4, this.zoom * factor));
    this.ask();
  }

  /** The panel under a place on the canvas (-1 to 1 across and up), and the point of the flat piece there. */
  pick(x: number, y: number): { panel: number; flat: [number, number] } | null {
    this.raycaster.setFromCamera(new THREE.Vector2(x, y), this.camera);
    const hit = this.raycaster.intersectObjects(this.cloth)[0];
    if (!hit?.uv || !hit.face) return null;
    const panel = this.starts.findLastIndex((start) => start <= hit.face!.a);
    return { panel, flat: [hit.uv.x * WEAVE, hit.uv.y * WEAVE] };
  }

  dispose() {
    cancelAnimationFrame(this.waiting);
    this.clear();
    this.renderer.dispose();
  }

  private ask() {
    if (this.waiting) return;
    this.waiting = requestAnimationFrame(() => {
      this.waiting = 0;
      this.draw();
    });
  }

  private draw() {
    const first = this.cloth[0];
    if (!first) return;
    const box = new THREE.Box3().setFromBufferAttribute(
      first.geometry.attributes.position as THREE.BufferAttribute,
    );
    for (const sewn of [this.thing, this.parts]) if (sewn?.visible) box.expandByObject(sewn);
    const centre = box.getCenter(new THREE.Vector3());
    // From the table's front: flat pieces are looked at from above, the form from the side.
    const pitch = this.pitch + (1 - this.share) * Math.max(0, 1.05 - this.pitch);
    const yaw = this.yaw * this.share;
    const toEye = new THREE.Vector3(
      -Math.sin(yaw) * Math.cos(pitch),
      -Math.cos(yaw) * Math.cos(pitch),
      Math.sin(pitch),
    );
    const away = this.reach(centre, toEye) / this.zoom;
    this.camera.position.copy(centre).addScaledVector(toEye, away);
    this.camera.lookAt(centre);
    this.camera.near = away / 50;
    this.camera.far = away * 4;
    this.camera.updateProjectionMatrix();
    this.sortPanels(centre);
    this.renderer.render(this.scene, this.camera);
    this.renderer.domElement.dataset.drawn = "yes";
  }

  /** How far off the eye must be for everything to be seen. */
  private reach(centre: THREE.Vector3, toEye: THREE.Vector3): number {
    const across = new THREE.Vector3(0, 0, 1).cross(toEye).normalize();
    const up = toEye.clone().cross(across);
    const tall = Math.tan((this.camera.fov * Math.PI) / 360) * 0.94;
    const wide = tall * this.camera.aspect;
    let least = 1;
    const take = (point: THREE.Vector3) => {
      point.sub(centre);
      const spread = Math.max(Math.abs(point.dot(across)) / wide, Math.abs(point.dot(up)) / tall);
      least = Math.max(least, spread + point.dot(toEye));
    };
    for (let i = 0; i < this.corners.length; i += 3) take(new THREE.Vector3().fromArray(this.corners, i));
    for (const sewn of [this.thing, this.parts]) {
      if (!sewn?.visible) continue;
      const solid = new THREE.Box3().setFromObject(sewn);
      for (const x of [solid.min.x, solid.max.x])
        for (const y of [solid.min.y, solid.max.y])
          for (const z of [solid.min.z, solid.max.z]) take(new THREE.Vector3(x, y, z));
    }
    return least;
  }

  /** See-through cloth is drawn from the back to the front: of the sewn form first what looks away from the eye. */
  private sortPanels(centre: THREE.Vector3) {
    const eye = this.camera.position;
    const middles = this.starts.map((start, i) => {
      const count = this.folding!.panels[i]!.flat.length;
      const sum = new THREE.Vector3();
      for (let k = start; k < start + count; k++) sum.add(new THREE.Vector3().fromArray(this.corners, 3 * k));
      return sum.divideScalar(count);
    });
    const depth = middles.map((middle) => middle.distanceTo(eye));
    const inside = new THREE.Vector3();
    for (const middle of middles) inside.addScaledVector(middle, 1 / middles.length);
    // On the way there what will be outside may still be seen from inside.
    const looks = middles.map((middle, i) => {
      const sight = middle.clone().sub(eye).toArray();
      const normal = this.shading!.flat[i]!;
      return this.share < 1 ? 0 : look(normal, middle.toArray(), inside.toArray(), sight, INSIDE);
    });
    const order = this.starts.map((_, i) => i).sort((p, q) => looks[p]! - looks[q]! || depth[q]! - depth[p]!);
    // The thing stands upright in the middle: what lies on the eye's side of its axis is before it.
    const toEye = eye.clone().sub(centre).setZ(0);
    const before = middles.map((middle) => this.thing?.visible && middle.setZ(0).dot(toEye) > 1);
    this.cloth.forEach((cloth, near) => {
      const index = cloth.geometry.index!;
      let at = 0;
      for (const i of order) {
        if (Boolean(before[i]) !== (near === 1)) continue;
        for (const triangle of this.triangles[i]!) for (const corner of triangle) index.setX(at++, corner);
      }
      index.needsUpdate = true;
      cloth.geometry.setDrawRange(0, at);
    });
  }

  private drawn(): (Cloth | THREE.LineSegments)[] {
    return [...this.cloth, this.outline, this.creases].filter((part) => part !== null);
  }

  private drawLit() {
    for (const child of [...this.litGroup.children]) {
      (child as THREE.Mesh).geometry.dispose();
      this.litGroup.remove(child);
    }
    if (!this.folding || this.lit.length === 0) return;
    const size = this.cloth[0]!.geometry.boundingSphere?.radius ?? 100;
    // Seen through the cloth, like a finger pointing at it.
    const material = new THREE.MeshBasicMaterial({
      color: this.tones.lit,
      transparent: true,
      depthTest: false,
    });
    for (const line of this.lit) {
      const points = line.map((point) => this.place(point));
      for (let i = 1; i < points.length; i++) {
        const [a, b] = [points[i - 1]!, points[i]!];
        const long = a.distanceTo(b);
        if (long < 0.01) continue;
        const rod = new THREE.Mesh(new THREE.CapsuleGeometry(size * 0.014, long, 2, 6), material);
        rod.position.copy(a).add(b).multiplyScalar(0.5);
        rod.quaternion.setFromUnitVectors(new THREE.Vector3(0, 1, 0), b.clone().sub(a).normalize());
        rod.renderOrder = 4;
        this.litGroup.add(rod);
      }
    }
  }

  private place({ panel, s, t }: OnPanel): THREE.Vector3 {
    const start = this.starts[panel]!;
    const last = start + this.folding!.panels[panel]!.flat.length - 1;
    const corner = (k: number) => new THREE.Vector3().fromArray(this.corners, 3 * k);
    const [a, b, d] = [corner(start), corner(start + 1), corner(last)];
    return a.clone().addScaledVector(b.sub(a), s).addScaledVector(d.sub(a), t);
  }

  private clear() {
    this.cloth[0]?.material.map?.dispose();
    for (const drawn of [...this.cloth, this.outline, this.creases, this.thing, this.parts]) {
      if (!drawn) continue;
      this.scene.remove(drawn);
      drawn.traverse((part) => {
        if (part instanceof THREE.Mesh || part instanceof THREE.LineSegments) {
          const { geometry, material } = part as THREE.Mesh<THREE.BufferGeometry, THREE.Material>;
          geometry.dispose();
          material.dispose();
        }
      });
    }
    this.cloth = [];
    this.outline = this.creases = this.thing = this.parts = null;
  }
}

/** Pairs of corners: sides that belong to one panel only, and sides where two panels that are not slices of a curve meet. */
function sides(folding: Folding, starts: number[]): { free: number[]; folds: number[] } {
  const found = new Map<string, { pair: [number, number]; smooth: boolean; count: number }>();
  folding.panels.forEach((panel, i) => {
    panel.flat.forEach((p, k) => {
      const next = (k + 1) % panel.flat.length;
      const ends = [p, panel.flat[next]!].map(([x, y]) => `${tenth(x!)} ${tenth(y!)}`).sort();
      if (ends[0] === ends[1]) return;
      const key = `${panel.piece}|${panel.panel}|${ends.join("|")}`;
      const known = found.get(key);
      if (known) known.count++;
      else found.set(key, { pair: [starts[i]! + k, starts[i]! + next], smooth: panel.smooth, count: 1 });
    });
  });
  const all = [...found.values()];
  return {
    free: all.filter((side) => side.count === 1).flatMap((side) => side.pair),
    folds: all.filter((side) => side.count > 1 && !side.smooth).flatMap((side) => side.pair),
  };
}

/** Tenths of a mm as a name; nothing is nothing on either side of it. */
function tenth(value: number): number {
  return Math.round(value * 10) || 0;
}

function solidOf(object: ObjectView, tones: Tones): THREE.Object3D {
  const material = new THREE.MeshLambertMaterial({
    color: tones.glass,
    // Drawn in one order with the cloth, between what is behind it and what is before it.
    transparent: true,
    side: THREE.DoubleSide,
  });
  const height = Math.max(...object.radii.map((p) => p[0]!));
  let solid: THREE.Mesh;
  if (object.round) {
    const points = object.radii.map(([h, r]) => new THREE.Vector2(Math.max(0.01, r!), h));
    const profile = [new THREE.Vector2(0.01, points[0]!.y), ...points, new THREE.Vector2(0.01, height)];
    solid = new THREE.Mesh(new THREE.LatheGeometry(profile, 144), material);
    solid.rotation.x = Math.PI / 2;
  } else {
    const wide = 2 * object.radii[0]![1]!;
    solid = new THREE.Mesh(new THREE.BoxGeometry(wide, object.depth, height), material);
    solid.position.z = height / 2;
    solid.add(
      new THREE.LineSegments(
        new THREE.EdgesGeometry(solid.geometry),
        new THREE.LineBasicMaterial({ color: tones.ink, transparent: true, opacity: 0.5 }),
      ),
    );
  }
  solid.renderOrder = 1;
  return solid;
}

/** Straps and pockets, with the ink line round each. */
function partsOf(carried: Carried[], tones: Tones): THREE.Group {
  const group = new THREE.Group();
  for (const part of carried) {
    const points: number[] = [];
    for (const loop of part.loops)
      for (let i = 1; i < loop.length - 1; i++) points.push(...loop[0]!, ...loop[i]!, ...loop[i + 1]!);
    const faces = new THREE.BufferGeometry();
    faces.setAttribute("position", new THREE.Float32BufferAttribute(points, 3));
    faces.computeVertexNormals();
    const cloth = new THREE.Mesh(
      faces,
      new THREE.MeshLambertMaterial({
        color: part.cloth === "contrast" ? tones.contrast : tones.cloth,
        side: THREE.DoubleSide,
        transparent: true,
        opacity: FAR,
        depthTest: false,
        depthWrite: false,
      }),
    );
    const rim = new THREE.BufferGeometry();
    rim.setAttribute("position", new THREE.Float32BufferAttribute(rimOf(part).flat(2), 3));
    const ink = new THREE.LineBasicMaterial({ color: tones.ink, transparent: true, opacity: 0.95 });
    const line = new THREE.LineSegments(rim, ink);
    line.renderOrder = 3;
    group.add(cloth, line);
  }
  return group;
}

/** The cloth of the outer, hatched as on the pieces. */
function weave(tones: Tones): THREE.CanvasTexture {
  const canvas = document.createElement("canvas");
  canvas.width = canvas.height = 64;
  const pen = canvas.getContext("2d")!;
  pen.fillStyle = tones.cloth;
  pen.fillRect(0, 0, 64, 64);
  pen.strokeStyle = tones.weave;
  pen.lineWidth = 4;
  for (const shift of [-64, -32, 0, 32, 64]) {
    pen.beginPath();
    pen.moveTo(shift, 64);
    pen.lineTo(shift + 64, 0);
    pen.stroke();
  }
  const texture = new THREE.CanvasTexture(canvas);
  texture.wrapS = texture.wrapT = THREE.RepeatWrapping;
  texture.colorSpace = THREE.SRGBColorSpace;
  texture.anisotropy = 4;
  return texture;
}

/** What the weave's colour is multiplied by to become that of another cloth. */
function tint(cloth: string | null, tones: Tones): [number, number, number] {
  if (cloth !== "contrast") return [1, 1, 1];
  const [to, from] = [new THREE.Color(tones.contrast), new THREE.Color(tones.cloth)];
  return [to.r / from.r, to.g / from.g, to.b / from.b];
}

function tonesOf(canvas: HTMLCanvasElement): Tones {
  const style = getComputedStyle(canvas);
  const tone = (name: string) => style.getPropertyValue(name).trim().slice(0, 7);
  return {
    ink: tone("--ink"),
    cloth: tone("--outer-cloth"),
    weave: tone("--outer-line"),
    contrast: tone("--contrast"),
    glass: tone("--glass"),
    lit: tone("--yolk"),
  };
}
